<?php

declare(strict_types=1);

namespace App\Calculators;

use App\Input\CalculatorInput;
use InvalidArgumentException;
use TruePupil\Core\Kit\Kit;

/**
 * A calculator of the Bench. Each is a class in a folder of its topic, and found by that; its id is the name in the
 * sheet's address.
 */
abstract class Calculator
{
    abstract public function id(): string;

    abstract public function topic(): Topic;

    /** @param  ?Kit  $kit  of whoever looks, to start from */
    abstract public function sheet(?Kit $kit = null): Sheet;

    /** @throws InvalidArgumentException naming the key at fault */
    abstract public function answer(CalculatorInput $input): Answer;
}
