<?php

declare(strict_types=1);

namespace App\Console\Commands;

use App\Calculators\ExposeInput;
use Symfony\Component\Console\Attribute\AsCommand;
use TruePupil\Core\Json\Fields;
use TruePupil\Core\Modes\Decider;
use TruePupil\Core\Modes\ExposureSolver;
use TruePupil\Core\Modes\FinderDisplay;
use TruePupil\Core\Modes\LimitMet;

#[AsCommand('pupil:expose')]
final class Expose extends JsonCommand
{
    protected $signature = 'pupil:expose';

    protected $description = 'What a camera chooses for a request on standard input, as JSON';

    protected function answer(): array
    {
        $request = ExposeInput::read(Fields::parse((string) stream_get_contents(STDIN)));
        $solved = ExposureSolver::solve($request);
        $settings = $solved->settings;
        $finder = FinderDisplay::of($request, $solved);

        return [
            'fNumber' => $settings->aperture->exact,
            'exposureTime' => $settings->time->exact,
            'iso' => $settings->iso->exact,
            'errorStops' => $solved->error->value,
            'decidedBy' => array_map(fn (Decider $decider): string => $decider->value, $solved->decidedBy),
            'limits' => array_map(
                fn (LimitMet $limit): array => [
                    'what' => $limit->what,
                    'value' => $limit->value,
                    'message' => $limit->message,
                ],
                $solved->limits,
            ),
            'display' => [
                'fNumber' => $settings->aperture->nominal(),
                'exposureTime' => $settings->time->nominal(),
                'iso' => $settings->iso->nominal(),
            ],
            'finder' => [
                'fNumber' => $finder->fNumber,
                'exposureTime' => $finder->exposureTime,
                'iso' => $finder->iso,
                'meterStops' => $finder->meter?->value,
                'meterAtEnd' => $finder->meterAtEnd,
                'blinking' => (object) $finder->blinking,
            ],
        ];
    }
}
