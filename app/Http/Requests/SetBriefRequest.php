<?php

declare(strict_types=1);

namespace App\Http\Requests;

/** Which brief is set to a course, and with which dates. */
final class SetBriefRequest extends BriefDatesRequest
{
    /** @return array<string, mixed> */
    public function rules(): array
    {
        return ['brief' => ['required', 'string'], ...parent::rules()];
    }
}
