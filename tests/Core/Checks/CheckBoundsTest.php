<?php

declare(strict_types=1);

namespace Tests\Core\Checks;

use PHPUnit\Framework\TestCase;
use Tests\Core\Briefs;
use TruePupil\Core\Adviser\AdviceRequest;
use TruePupil\Core\Adviser\KitAdviser;
use TruePupil\Core\Checks\BriefFormat;
use TruePupil\Core\Checks\CheckBounds;
use TruePupil\Core\Exposure\Ev100;
use TruePupil\Core\Intent\Intent;
use TruePupil\Core\Json\Fields;
use TruePupil\Core\Kit\ExposureMode;
use TruePupil\Core\Kit\Kit;
use TruePupil\Core\Kit\KitFormat;
use TruePupil\Core\Kit\Support;

/** What a brief's checks on settings leave to choose from. */
final class CheckBoundsTest extends TestCase
{
    public function test_numbers_and_words_bound_what_is_suggested(): void
    {
        $bounds = CheckBounds::of(Briefs::asking([
            ['measure' => 'record.fNumber', 'comparison' => 'atMost', 'limit' => 2.8],
            ['measure' => 'record.iso', 'comparison' => 'atMost', 'limit' => 400],
            ['measure' => 'record.iso', 'comparison' => 'atLeast', 'limit' => 100],
            ['measure' => 'record.exposureTime', 'comparison' => 'atLeast', 'limit' => 0.5],
            ['measure' => 'record.mode', 'comparison' => 'oneOf', 'limit' => ['manual', 'bulb']],
            ['measure' => 'record.support', 'comparison' => 'noneOf', 'limit' => ['hand', 'braced', 'monopod']],
            ['measure' => 'record.flash', 'comparison' => 'oneOf', 'limit' => ['off']],
        ]));

        $this->assertSame([0.0, 2.8], $bounds->aperture);
        $this->assertSame([100.0, 400.0], $bounds->iso);
        $this->assertSame([0.5, INF], $bounds->time);
        $this->assertSame([ExposureMode::Manual, ExposureMode::Bulb], $bounds->modes);
        $this->assertSame([Support::Tripod], $bounds->supports);
        $this->assertFalse($bounds->allowsFlash);
        $this->assertTrue(CheckBounds::of(Briefs::asking([]))->isEmpty());
        $this->assertTrue(CheckBounds::of(null)->isEmpty());
    }

    public function test_what_nothing_can_meet_bounds_nothing(): void
    {
        $this->assertTrue(CheckBounds::of(Briefs::asking([
            ['measure' => 'record.iso', 'comparison' => 'atMost', 'limit' => 100],
            ['measure' => 'record.iso', 'comparison' => 'atLeast', 'limit' => 800],
            ['measure' => 'record.mode', 'comparison' => 'oneOf', 'limit' => ['scene']],
        ]))->isEmpty());
    }

    public function test_every_ready_brief_is_kept_to_or_the_reason_said(): void
    {
        $kits = [
            ['format' => '23.5x15.6', 'lens' => [18, 55, 3.5, 5.6, 22], 'supports' => ['hand', 'tripod']],
            ['format' => '23.5x15.6', 'lens' => [18, 55, 3.5, 5.6, 22], 'supports' => ['hand']],
            ['format' => '9.8x7.3', 'lens' => [6.8, 6.8, 1.8, 1.8, 1.8], 'supports' => ['hand'], 'kind' => 'phone'],
            ['format' => '36x24', 'lens' => [24, 70, 2.8, 2.8, 22], 'supports' => ['hand', 'tripod']],
        ];
        $tried = 0;
        foreach (glob(__DIR__.'/../../../resources/briefs/*.json') ?: [] as $file) {
            $brief = BriefFormat::read(json_decode((string) file_get_contents($file), true));
            $bounds = CheckBounds::of($brief);
            foreach ($kits as $kit) {
                foreach ([14.0, 9.0, 4.0] as $light) {
                    $advice = KitAdviser::advise(new AdviceRequest(
                        Ev100::of($light),
                        self::kit($kit),
                        new Intent(),
                        bounds: $bounds,
                    ));
                    $first = $advice->suggestions[0] ?? null;
                    $missed = $first === null ? [] : $bounds->missedBy($first);
                    // Either it keeps to them, or why nothing does is said.
                    $this->assertTrue(
                        $missed === [] || $advice->impossible !== null,
                        $brief->id.': '.$first?->title.' misses '.implode(', ', $missed),
                    );
                    $tried++;
                }
            }
        }
        $this->assertGreaterThan(200, $tried);
    }

    /** @param  array<string, mixed>  $kit */
    private static function kit(array $kit): Kit
    {
        [$min, $max, $wide, $tele, $smallest] = $kit['lens'];

        return KitFormat::read(Fields::of([
            'body' => ['format' => $kit['format'], 'kind' => $kit['kind'] ?? 'camera', 'isoMax' => 12800],
            'lenses' => [['name' => 'a lens', 'minFocal' => $min, 'maxFocal' => $max, 'widestAtMin' => $wide,
                'widestAtMax' => $tele, 'smallest' => $smallest]],
            'supports' => $kit['supports'],
        ]));
    }
}
