<?php

declare(strict_types=1);

namespace App\Http\Requests;

use App\Critique\Repeated;
use App\Models\SetBrief;
use App\Models\User;
use Illuminate\Foundation\Http\FormRequest;

/** A wording that is to be said to all others who have the same finding. */
final class RepeatRequest extends FormRequest
{
    /** @return array<string, mixed> */
    public function rules(): array
    {
        return ['rule' => ['required', 'string'], 'wording' => ['required', 'string', 'max:2000']];
    }

    /** null where it was not said three times, or nobody else has it */
    public function repeated(): ?Repeated
    {
        [$brief, $user] = [$this->route('setBrief'), $this->user()];
        foreach ($brief instanceof SetBrief && $user instanceof User ? Repeated::of($brief, $user) : [] as $one) {
            if ($one->rule === $this->validated('rule') && $one->wording === $this->validated('wording')) {
                return $one;
            }
        }

        return null;
    }
}
