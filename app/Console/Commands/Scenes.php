<?php

declare(strict_types=1);

namespace App\Console\Commands;

use App\Practice\PlateStore;
use App\Practice\Scene;
use App\Practice\SceneRenderer;
use Symfony\Component\Console\Attribute\AsCommand;
use TruePupil\Core\Composition\Region;
use TruePupil\Core\Exposure\Ev100;
use TruePupil\Core\Metering\MeteringPattern;
use TruePupil\Core\Metering\PatternMeter;

#[AsCommand('pupil:scenes')]
final class Scenes extends JsonCommand
{
    protected $signature = 'pupil:scenes';

    protected $description = 'The scenes that the practice camera can photograph, as JSON';

    protected function answer(): array
    {
        return [
            'scenes' => array_map(
                fn (Scene $scene): array => [
                    'id' => $scene->id,
                    'title' => $scene->words->title,
                    'purpose' => $scene->words->purpose,
                    'sizes' => [PlateStore::WIDTH, PlateStore::HEIGHT],
                    'focalLengths' => $scene->focalLengths35(),
                    'distances' => $scene->distances,
                    // As a mean of the whole scene in its usual light.
                    'ev100' => round(
                        Ev100::of(
                            (new PatternMeter(
                                app(SceneRenderer::class)->meterGrid(
                                    $scene,
                                    $scene->condition(null),
                                    Region::of(0, 0, 1, 1),
                                ),
                            ))->verdict(MeteringPattern::Scene)->value ?? 0.0,
                        )->value,
                        2,
                    ),
                    'lights' => array_keys($scene->conditions),
                ],
                Scene::all(),
            ),
        ];
    }
}
