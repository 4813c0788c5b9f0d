<?php

declare(strict_types=1);

namespace App\Console\Commands;

use App\Requests\ExposeInput;
use TruePupil\Core\Modes\Decider;
use TruePupil\Core\Modes\ExposureSolver;
use TruePupil\Core\Modes\LimitMet;

final class Expose extends JsonCommand
{
    protected $signature = 'pupil:expose';

    protected $description = 'What a camera chooses for a request on standard input, as JSON';

    protected function answer(): array
    {
        $solved = ExposureSolver::solve(ExposeInput::parse((string) stream_get_contents(STDIN)));
        $settings = $solved->settings;

        return [
            'fNumber' => $settings->aperture->exact,
            'exposureTime' => $settings->time->exact,
            'iso' => $settings->iso->exact,
            'errorStops' => $solved->error->value,
            'decidedBy' => array_map(fn (Decider $decider): string => $decider->value, $solved->decidedBy),
            'limits' => array_map(fn (LimitMet $limit): array => ['what' => $limit->what, 'value' => $limit->value, 'message' => $limit->message], $solved->limits),
            'display' => ['fNumber' => $settings->aperture->nominal(), 'exposureTime' => $settings->time->nominal(), 'iso' => $settings->iso->nominal()],
        ];
    }
}
