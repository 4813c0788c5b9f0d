<?php

declare(strict_types=1);

namespace App\Http\Requests;

use Illuminate\Foundation\Http\FormRequest;
use Illuminate\Validation\Rule;
use TruePupil\Core\Findings\Critic;
use TruePupil\Core\Findings\FindingRule;

/** A kind of finding that a course does not want to hear. */
final class SilenceRequest extends FormRequest
{
    /** @return array<string, mixed> */
    public function rules(): array
    {
        $rules = array_map(fn (FindingRule $rule): string => $rule->id(), app(Critic::class)->rules);

        return [
            'rule' => ['required', Rule::in($rules)],
        ];
    }
}
