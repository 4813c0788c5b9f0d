<?php

declare(strict_types=1);

namespace App\Console\Benchmarks;

use App\Imaging\Vips\PixelProgram;
use App\Practice\CameraSetups;
use App\Practice\Finder;
use App\Practice\FinderPicture;
use App\Practice\Scene;
use App\Practice\SceneRenderer;
use App\Practice\ShotInput;
use App\View\Presenters\FinderView;
use DateTimeImmutable;

/**
 * How long a new sight in the finder takes: dials turned one after another in every scene, as a person would turn them.
 */
final class FinderBench
{
    /** Turned one at a time from a start that differs from scene to scene. */
    private const TURNS = [
        ['n' => '8'],
        ['n' => '5.6'],
        ['n' => '4'],
        ['n' => '4', 'focus' => '2'],
        ['n' => '4', 'focus' => '6'],
        ['n' => '4', 't' => '1/60', 'mode' => 'manual'],
        ['n' => '4', 't' => '1/8', 'mode' => 'manual', 'support' => 'hand'],
        ['n' => '4', 'px' => '0.3'],
        ['n' => '4', 'compensation' => '1'],
        ['n' => '11', 'iso' => '6400'],
    ];

    /** @return array{median: float, p95: float, slowest: float, sights: int} seconds */
    public function run(int $rounds): array
    {
        $seconds = [];
        foreach (Scene::all() as $scene) {
            // The first sight of a scene unpacks its plates.
            $this->sight($scene, self::TURNS[0]);
            for ($round = 0; $round < $rounds; $round++) {
                foreach (self::TURNS as $turn) {
                    $started = hrtime(true);
                    $this->sight($scene, $turn);
                    $seconds[] = (hrtime(true) - $started) / 1e9;
                }
            }
        }
        sort($seconds);
        $count = count($seconds);

        return [
            'median' => $seconds[intdiv($count, 2)],
            'p95' => $seconds[(int) ceil(0.95 * $count) - 1],
            'slowest' => $seconds[$count - 1],
            'sights' => $count,
        ];
    }

    /** @param  array<string, string>  $turn */
    private function sight(Scene $scene, array $turn): void
    {
        $reading = app(Finder::class)->look(
            (new ShotInput(['iso' => '400', 'support' => 'tripod', ...$turn]))->shot(
                $scene,
                CameraSetups::ofDemo(),
                new DateTimeImmutable('@0'),
            ),
        );
        view('practice.sight', [
            'view' => new FinderView(
                $reading,
                FinderPicture::of(app(SceneRenderer::class), app(PixelProgram::class), $reading->rendering),
            ),
        ])->render();
    }
}
