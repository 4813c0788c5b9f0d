<?php

declare(strict_types=1);

namespace App\Console\Commands;

use App\Calculators\Calculators;
use App\Input\CalculatorInput;
use Symfony\Component\Console\Attribute\AsCommand;

#[AsCommand('pupil:calc')]
final class Calculate extends JsonCommand
{
    protected $signature = 'pupil:calc {name : the calculator} {given?* : key=value pairs}';

    protected $description = 'One calculator, as JSON';

    protected function answer(): array
    {
        $input = CalculatorInput::parse((array) $this->argument('given'));
        $answer = Calculators::ofNumbersNamed((string) $this->argument('name'))->calculate($input);
        $input->refuseRest();

        return $answer;
    }
}
