<?php

declare(strict_types=1);

namespace App\Calculators;

use App\Input\CalculatorInput;

/** A calculator as the Bench shows it: what it asks for, and how its answer reads. */
final readonly class Sheet
{
    /**
     * @param  list<SheetField>  $fields
     * @param  list<SheetAnswer>  $answers
     */
    public function __construct(
        public string $title,
        public string $lead,
        public array $fields,
        public array $answers = [],
    ) {
    }

    /**
     * What was typed, with the examples where this is a first visit.
     *
     * @param  array<string, mixed>  $query
     * @return array<string, string>
     */
    public function values(array $query): array
    {
        $values = [];
        $isFirstVisit = array_intersect_key($query, array_flip(array_column($this->fields, 'key'))) === [];
        foreach ($this->fields as $field) {
            $input = $query[$field->key] ?? ($isFirstVisit ? $field->example : '');
            $values[$field->key] = is_scalar($input) ? mb_substr((string) $input, 0, 2000) : '';
        }

        return $values;
    }

    /**
     * The numbers and words as the calculators read them; what is empty is left out.
     *
     * @param  array<string, string>  $values
     */
    public function given(array $values): CalculatorInput
    {
        $plain = [];
        foreach ($this->fields as $field) {
            $text = $field->plain($values[$field->key]);
            if ($text !== '') {
                $plain[$field->key] = $text;
            }
        }

        return CalculatorInput::of($plain);
    }

    /** A complaint about a key, in terms of what stands on the sheet. */
    public function inItsWords(string $message): string
    {
        foreach ($this->fields as $field) {
            $message = str_replace('"'.$field->key.'"', '"'.$field->label.'"', $message);
        }

        return $message;
    }

    /**
     * @param  array<string, mixed>  $result
     * @return list<array{label: string, text: string}>
     */
    public function read(array $result): array
    {
        $lines = [];
        foreach ($this->answers as $answer) {
            $text = $answer->in($result);
            if ($text !== null) {
                $lines[] = ['label' => $answer->label, 'text' => $text];
            }
        }

        return $lines;
    }
}
