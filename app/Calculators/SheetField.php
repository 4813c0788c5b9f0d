<?php

declare(strict_types=1);

namespace App\Calculators;

/** One thing that a sheet of the Bench asks for. */
final readonly class SheetField
{
    /**
     * @param  string  $example  what stands there on a first visit
     * @param  array<int|string, string>  $choices  label by value, where there is something to choose from
     */
    public function __construct(
        public string $key,
        public string $label,
        public string $unit = '',
        public string $example = '',
        public array $choices = [],
        public bool $long = false,
    ) {
    }

    /** What a person may type, as the calculators read it: without unit, with a decimal point. */
    public function plain(string $input): string
    {
        if ($this->choices !== [] || $this->long || str_contains($this->unit, 'date')) {
            return trim($input);
        }
        $text =
            preg_replace(
                ['~^\s*(?:[fƒ]\s*/\s*|iso\s*)~iu', '~\s*(?:mm|µm|m/s|m|s|°|%|stops?)\s*$~iu'],
                '',
                str_replace(['−', ','], ['-', '.'], $input),
            ) ?? $input;

        return trim($text);
    }
}
