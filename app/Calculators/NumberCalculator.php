<?php

declare(strict_types=1);

namespace App\Calculators;

use App\Input\CalculatorInput;
use InvalidArgumentException;

/** A calculator that takes numbers and gives numbers, in the units of its fields: the command has it as well. */
abstract class NumberCalculator extends Calculator
{
    /**
     * The answer in plain numbers, in the units of each docblock in core.
     *
     * @return array<string, mixed>
     *
     * @throws InvalidArgumentException naming the key at fault
     */
    abstract protected function numbers(CalculatorInput $input): array;

    abstract public function example(): Example;

    /** @param  array<string, mixed>  $numbers  the answer */
    protected function figures(CalculatorInput $input, array $numbers): Figures
    {
        return new Figures();
    }

    /**
     * @return array<string, mixed>
     *
     * @throws InvalidArgumentException naming the key at fault
     */
    final public function calculate(CalculatorInput $input): array
    {
        foreach ($this->sheet()->fields as $field) {
            $field->refuseBeyondEnds($input);
        }

        $numbers = $this->numbers($input);
        array_walk_recursive($numbers, function (mixed $number): void {
            if (is_float($number) && ! is_finite($number)) {
                throw new InvalidArgumentException('These sizes lead to a number without end: look at them again.');
            }
        });

        return $numbers;
    }

    final public function answer(CalculatorInput $input): Answer
    {
        $numbers = $this->calculate($input);

        return new Answer($this->sheet()->read($numbers), $this->figures($input, $numbers));
    }
}
