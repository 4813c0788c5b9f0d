<?php

declare(strict_types=1);

namespace App\Console\Commands;

use App\Calculators\SolveInput;
use Symfony\Component\Console\Attribute\AsCommand;
use TruePupil\Core\Adviser\KitAdviser;
use TruePupil\Core\Json\Fields;

#[AsCommand('pupil:solve')]
final class Solve extends JsonCommand
{
    protected $signature = 'pupil:solve';

    protected $description =
        'The best settings of a kit for a light and an intent, from a request on standard input, '.'as JSON';

    protected function answer(): array
    {
        return KitAdviser::advise(SolveInput::read(Fields::parse((string) stream_get_contents(STDIN))))->toArray();
    }
}
