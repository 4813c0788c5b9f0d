<?php

declare(strict_types=1);

namespace Tests\Core\Adviser;

use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;
use TruePupil\Core\Adviser\Advice;
use TruePupil\Core\Adviser\AdviceRequest;
use TruePupil\Core\Adviser\KitAdviser;
use TruePupil\Core\Adviser\LightRange;
use TruePupil\Core\Adviser\SettingBounds;
use TruePupil\Core\Adviser\Suggestion;
use TruePupil\Core\Adviser\TakenFrame;
use TruePupil\Core\Adviser\TonePlacement;
use TruePupil\Core\Exposure\Ev100;
use TruePupil\Core\Intent\IntentFormat;
use TruePupil\Core\Json\Fields;
use TruePupil\Core\Kit\ExposureMode;
use TruePupil\Core\Kit\KitFormat;
use TruePupil\Core\Kit\Support;

/** What the first suggestion is where a photographer would not hesitate: as ranges, from common practice. */
final class PhotographerTest extends TestCase
{
    private const FULL = [
        'format' => '36x24', 'pixels' => [6000, 4000], 'fastest' => 1 / 8000, 'slowest' => 30, 'isoMin' => 100,
        'isoMax' => 51200, 'comfortableIso' => 6400, 'stabiliserStops' => 4, 'flashSync' => 1 / 200,
    ];

    private const SMALLER = [
        'format' => '23.5x15.6', 'pixels' => [6000, 4000], 'fastest' => 1 / 4000, 'slowest' => 30, 'isoMin' => 100,
        'isoMax' => 25600, 'comfortableIso' => 3200, 'flashSync' => 1 / 200,
    ];

    private const PHONE = [
        'kind' => 'phone', 'format' => '9.8x7.3', 'pixels' => [4080, 3072], 'fastest' => 1 / 10000, 'slowest' => 10,
        'isoMin' => 50, 'isoBase' => 50, 'isoMax' => 6400, 'comfortableIso' => 800, 'stabiliserStops' => 3,
    ];

    private const FILM = ['format' => '36x24', 'fastest' => 1 / 1000, 'slowest' => 1, 'flashSync' => 1 / 60];

    private const LENSES = [
        'kit zoom' => [18, 55, 3.5, 5.6, 22, 0.25],
        'zoom' => [24, 70, 2.8, 2.8, 22, 0.38],
        'long zoom' => [70, 200, 2.8, 2.8, 22, 1.2],
        'very long zoom' => [150, 600, 5, 6.3, 22, 2.7],
        '50' => [50, 50, 1.8, 1.8, 16, 0.4],
        '85' => [85, 85, 1.8, 1.8, 16, 0.8],
        '20' => [20, 20, 1.8, 1.8, 16, 0.2],
        'near' => [100, 100, 2.8, 2.8, 32, 0.2],
        'mirror' => [500, 500, 8, 8, 8, 4],
        'phone' => [6.8, 6.8, 1.8, 1.8, 1.8, 0.12],
    ];

    /** @param  array<string, array{float, float}|list<mixed>>  $wanted */
    #[DataProvider('situations')]
    public function test_the_first_suggestion_is_one_that_a_photographer_would_set(
        array $body,
        array $lenses,
        float $light,
        array $intent,
        array $wanted,
        array $more = [],
    ): void {
        $advice = self::advise($body, $lenses, $light, $intent, $more);
        $first = $advice->suggestions[0];
        $settings = $first->exposure->settings;
        $this->assertTrue($first->effect->meets, $first->title);
        $slack = 2 ** (1 / 12);
        foreach ($wanted as $what => $range) {
            match ($what) {
                'n' => $this->assertBetween($range, $settings->aperture->exact, sqrt($slack), $first->title),
                't' => $this->assertBetween($range, $settings->time->exact, $slack, $first->title),
                'iso' => $this->assertBetween($range, $settings->iso->exact, $slack, $first->title),
                'mm' => $this->assertBetween($range, (float) $first->lens->focalLength, 1.0, $first->title),
                'frames' => $this->assertBetween($range, (float) $first->series?->frames, 1.0, $first->title),
                'mode' => $this->assertContains($first->exposure->mode, $range, $first->title),
                'support' => $this->assertContains($first->support, $range, $first->title),
                'filter' => $this->assertContains($first->exposure->filterStops, $range, $first->title),
                'flash' => $this->assertSame($range, $first->flash?->toArray()['fill'] ?? 'none', $first->title),
                'lens' => $this->assertContains($first->lens->name, $range, $first->title),
            };
        }
    }

    public function test_a_flash_that_is_set_up_aside_is_the_light_from_there_and_its_shadow_is_told(): void
    {
        $flash = ['guideNumber' => 40, 'canBounce' => true, 'distance' => 1.5, 'side' => -45, 'height' => 30];
        $advise = fn (array $flash): ?Suggestion => self::advise(
            self::FULL,
            ['85'],
            3.0,
            ['subject' => 4, 'is' => 'person'],
            ['flash' => $flash],
        )->suggestions[0] ?? null;
        $aside = $advise($flash);

        $this->assertStringStartsWith(
            'Set the flash up 45° to the left, 1.50 m from your subject',
            (string) $aside?->title,
        );
        $this->assertFalse($aside?->flash?->isBounced, 'what is set up aside is not turned to the ceiling');
        $this->assertStringContainsString(
            'its shadow falls 100 cm to the other side and 82 cm lower',
            implode(' ', $aside->effect->costs ?? []),
        );
        // Twice as far asks for four times the power, wherever the camera is.
        $this->assertEqualsWithDelta(
            4.0,
            $advise([...$flash, 'distance' => 3.0])?->flash?->power / $aside->flash->power,
            0.05,
        );
    }

    public static function situations(): iterable
    {
        $hands = ['support' => [Support::Hand]];
        $tripod = ['support' => [Support::Tripod]];
        yield 'a dog that runs' => [self::FULL, ['long zoom'], 13,
            ['subject' => 10, 'focalLength35' => 150, 'motion' => ['want' => 'acceptable', 'speed' => 10],
                'is' => 'animal'], ['n' => [2.8, 5.6], 't' => [1 / 4000, 1 / 1000], 'iso' => [100, 1600]]];
        yield 'a plate of food on a tripod' => [self::SMALLER, ['kit zoom'], 8.5, ['subject' => 0.6, 'is' => 'food'],
            ['n' => [5, 11], 'iso' => [100, 100], ...$tripod], ['supports' => ['hand', 'tripod']]];
        yield 'a landscape by moonlight' => [self::FULL, ['zoom'], -3,
            ['near' => 20, 'far' => 'infinity', 'focalLength35' => 24, 'is' => 'view'],
            ['n' => [2.8, 8], 't' => [15, 120], 'iso' => [100, 1600], 'mode' => [ExposureMode::Manual,
                ExposureMode::Bulb], ...$tripod], ['supports' => ['tripod']]];
        yield 'the aurora' => [self::FULL, ['20'], -3, ['far' => 'infinity', 'focalLength35' => 20, 'is' => 'aurora'],
            ['n' => [1.8, 2.8], 't' => [2, 15], 'iso' => [100, 3200], ...$tripod], ['supports' => ['tripod']]];
        yield 'a wedding in a dark church' => [self::FULL, ['long zoom'], 6,
            ['subject' => 8, 'focalLength35' => 135, 'is' => 'people'],
            ['n' => [2.8, 4], 't' => [1 / 320, 1 / 100], 'iso' => [1600, 6400], 'flash' => 'none'],
            ['brief' => ['flash' => ['none']], 'flash' => ['guideNumber' => 40, 'canBounce' => true]]];
        yield 'a family in a dim room, light from the ceiling' => [self::SMALLER, ['kit zoom'], 4.5,
            ['subject' => 3, 'focalLength35' => 35, 'is' => 'people'],
            ['n' => [3.5, 8], 't' => [1 / 200, 1 / 50], 'iso' => [100, 1600], 'flash' => 'main'],
            ['flash' => ['guideNumber' => 40, 'canBounce' => true]]];
        yield 'a face against the sun, filled' => [self::FULL, ['zoom'], 14,
            ['subject' => 2, 'focalLength35' => 70, 'is' => 'person'],
            ['n' => [8, 16], 't' => [1 / 200, 1 / 60], 'iso' => [100, 100], 'flash' => -1.5],
            ['flash' => ['guideNumber' => 40], 'ambientRange' => [11, 14.5]]];
        yield 'the same without a flash' => [self::FULL, ['85'], 10.5, ['subject' => 2, 'is' => 'person'],
            ['n' => [1.8, 5.6], 't' => [1 / 1000, 1 / 80], 'iso' => [100, 800], 'flash' => 'none'],
            ['ambientRange' => [10.5, 14]]];
        yield 'a bird through a lens of one aperture' => [self::FULL, ['mirror'], 13, ['subject' => 12, 'is' => 'bird'],
            ['n' => [8, 8], 't' => [1 / 2500, 1 / 640], 'mode' => [ExposureMode::Shutter], ...$hands]];
        yield 'a bird far off' => [self::FULL, ['zoom', 'very long zoom'], 12, ['subject' => 9, 'is' => 'bird'],
            ['mm' => [500, 600], 't' => [1 / 2000, 1 / 500], 'lens' => ['very long zoom']]];
        yield 'a runner with a telephone' => [self::PHONE, ['phone'], 13,
            ['subject' => 5, 'is' => 'runner', 'motion' => ['want' => 'acceptable', 'speed' => 5]],
            ['n' => [1.8, 1.8], 't' => [1 / 4000, 1 / 500], 'mode' => [ExposureMode::Manual]]];
        yield 'a telephone that sets nothing' => [[...self::PHONE, 'setsTime' => false], ['phone'], 9,
            ['subject' => 1, 'is' => 'child'], ['n' => [1.8, 1.8], 'mode' => [ExposureMode::Program]]];
        yield 'snow on slide film' => [self::FILM, ['50'], 15.5,
            ['subject' => 5, 'focalLength35' => 50, 'tone' => 'high-key', 'is' => 'view'],
            ['n' => [5.6, 11], 't' => [1 / 1000, 1 / 100], 'iso' => [100, 100]],
            ['film' => ['boxSpeed' => 100, 'kind' => 'slide']]];
        yield 'old negative film gets a stop a decade more' => [self::FILM, ['50'], 13,
            ['subject' => 5, 'focalLength35' => 50, 'is' => 'view'],
            // Two stops more than ƒ/8 and 1/250 s, at ISO 200.
            ['n' => [4, 11], 't' => [1 / 250, 1 / 30]],
            ['film' => ['boxSpeed' => 200, 'kind' => 'negative', 'yearsExpired' => 20]]];
        yield 'a street at night by the tripod' => [self::FULL, ['zoom'], 2,
            ['subject' => 30, 'focalLength35' => 35, 'is' => 'city'],
            ['n' => [5.6, 11], 't' => [2, 30], 'iso' => [100, 200], ...$tripod], ['supports' => ['hand', 'tripod']]];
        yield 'a waterfall through a filter' => [self::FULL, ['zoom'], 12,
            ['subject' => 8, 'focalLength35' => 35, 'motion' => ['want' => 'silk'], 'is' => 'waterfall'],
            ['n' => [5.6, 16], 't' => [0.4, 4], 'iso' => [100, 200], ...$tripod],
            ['supports' => ['tripod'], 'filters' => [3, 6]]];
        yield 'a bicycle, followed' => [self::FULL, ['zoom'], 13,
            ['subject' => 8, 'focalLength35' => 70, 'motion' => ['want' => 'pan', 'speed' => 8], 'is' => 'cyclist'],
            ['t' => [1 / 125, 1 / 30], 'iso' => [100, 100], ...$hands]];
        yield 'flowers in wind, the tripod in the bag' => [self::FULL, ['zoom'], 12,
            ['subject' => 1, 'focalLength35' => 70, 'foliage' => true, 'is' => 'flowers'],
            ['t' => [1 / 1000, 1 / 160], 'iso' => [100, 1600]], ['supports' => ['hand', 'tripod']]];
        yield 'a window in a dark room' => [self::FULL, ['zoom'], 7,
            ['subject' => 3, 'near' => 2, 'far' => 6, 'focalLength35' => 24, 'sceneStops' => 15, 'is' => 'room'],
            ['frames' => [3, 7], 'iso' => [100, 200], ...$tripod], ['supports' => ['hand', 'tripod']]];
        yield 'stars that draw circles' => [self::FULL, ['zoom'], -6,
            ['far' => 'infinity', 'focalLength35' => 24, 'motion' => ['want' => 'streak'], 'is' => 'night-sky'],
            ['frames' => [60, 240], 't' => [15, 30], ...$tripod], ['supports' => ['tripod']]];
        yield 'a silhouette, with a flash in the bag' => [self::FULL, ['zoom'], 12,
            ['subject' => 8, 'focalLength35' => 50, 'tone' => 'silhouette', 'is' => 'person'],
            ['flash' => 'none', 'iso' => [100, 400]], ['flash' => ['guideNumber' => 40, 'highSpeedSync' => true]]];
        yield 'shutter priority and 1/500 s demanded' => [self::FULL, ['50'], 10, ['subject' => 3, 'is' => 'person'],
            ['mode' => [ExposureMode::Shutter], 't' => [1 / 2000, 1 / 500]],
            ['brief' => ['mode' => ['shutter'], 'time' => ['max' => 1 / 500]]]];
        yield 'ƒ/16 demanded' => [self::FULL, ['zoom'], 9, ['subject' => 3, 'focalLength35' => 35, 'is' => 'thing'],
            ['n' => [16, 22]], ['brief' => ['aperture' => ['min' => 16]]]];
    }

    /** @param  list<string>  $helps */
    #[DataProvider('impossible')]
    public function test_what_cannot_be_is_helped_by_what_helps(
        array $body,
        array $lenses,
        float $light,
        array $intent,
        array $helps,
        array $not,
        array $more = [],
    ): void {
        $impossible = self::advise($body, $lenses, $light, $intent, $more)->impossible;
        $this->assertNotNull($impossible);
        $named = array_map(fn (array $one): string => $one['what'], $impossible->toArray()['wouldHelp']);
        foreach ($helps as $help) {
            $this->assertContains($help, $named, implode(', ', $named));
        }
        foreach ($not as $help) {
            $this->assertNotContains($help, $named);
        }
        foreach ($impossible->wouldHelp as $remedy) {
            $this->assertTrue($remedy->settings?->effect->meets, $remedy->sentence);
        }
    }

    public static function impossible(): iterable
    {
        yield 'stars by hand' => [self::FULL, ['20'], -7.5,
            ['stars' => true, 'far' => 'infinity', 'focalLength35' => 20, 'is' => 'night-sky'], ['tripod'],
            ['flash', 'light', 'lens']];
        yield 'a waterfall by day, by hand, without a filter' => [self::FULL, ['zoom'], 13,
            ['subject' => 8, 'focalLength35' => 35, 'motion' => ['want' => 'silk'], 'is' => 'water'],
            ['tripod+filter'], ['tripod', 'filter', 'light']];
        yield 'handball with a slow zoom, ISO 3200 at most' => [self::SMALLER, ['kit zoom'], 8,
            ['subject' => 8, 'focalLength35' => 80, 'maxIso' => 3200, 'is' => 'runner',
                'motion' => ['want' => 'acceptable', 'speed' => 6]], ['iso-ceiling', 'lens'], ['tripod', 'flash']];
        yield 'a soft background with a slow zoom' => [self::SMALLER, ['kit zoom'], 12,
            ['subject' => 2, 'background' => 4, 'separation' => 1.5, 'is' => 'person'], ['lens'],
            ['tripod', 'flash', 'light']];
        yield 'a beetle, all of it sharp' => [self::FULL, ['near'], 9,
            ['subject' => 0.3, 'near' => 0.29, 'far' => 0.31, 'magnification' => 0.5, 'is' => 'thing'],
            ['tripod+focus-stack'], ['focus-stack', 'tripod']];
        yield 'a church that the only lens is too long for' => [self::FULL, ['50'], 8,
            ['subject' => 20, 'focalLength35' => 24, 'is' => 'building'], ['panorama', 'lens'], ['tripod', 'light']];
        yield 'a very long lens at dusk has no ƒ/1.8' => [self::FULL, ['very long zoom'], 7,
            ['subject' => 10, 'is' => 'bird', 'maxIso' => 3200], ['iso-ceiling'], ['flash', 'tripod']];
    }

    public function test_a_flash_is_never_faster_than_it_syncs_and_never_without_another_way(): void
    {
        foreach ([13.0, 10.0, 6.0, 4.0, 2.0] as $light) {
            foreach ([1 / 250, 1 / 60] as $sync) {
                $advice = self::advise(
                    [...self::FULL, 'flashSync' => $sync],
                    ['zoom'],
                    $light,
                    ['subject' => 2.5, 'focalLength35' => 50, 'is' => 'person'],
                    ['flash' => ['guideNumber' => 40, 'canBounce' => true], 'ambientRange' => [$light - 3, $light]],
                );
                $with = array_filter($advice->suggestions, fn ($one): bool => $one->flash !== null);
                $this->assertLessThan(count($advice->suggestions), count($with), 'another way');
                foreach ($with as $one) {
                    $this->assertGreaterThanOrEqual($sync * 0.95, $one->exposure->settings->time->exact, $one->title);
                }
            }
        }
    }

    public function test_what_holds_the_camera_stays(): void
    {
        $of = fn (?Support $support): ?Support => KitAdviser::advise(new AdviceRequest(
            Ev100::of(5.0),
            KitFormat::read(Fields::of(['body' => self::FULL, 'lenses' => self::lenses(['zoom']),
                'supports' => ['hand', 'tripod']])),
            IntentFormat::read(Fields::of(['subject' => 5, 'focalLength35' => 35, 'is' => 'room'])),
            taken: new TakenFrame(null, $support),
        ))->suggestions[0]->support;

        $this->assertSame(Support::Hand, $of(Support::Hand));
        $this->assertSame(Support::Tripod, $of(Support::Tripod));
    }

    public function test_each_step_says_what_it_left(): void
    {
        $ladder = self::advise(
            self::FULL,
            ['85'],
            8.0,
            ['subject' => 2, 'is' => 'person'],
            ['brief' => ['mode' => ['manual'], 'iso' => ['max' => 3200]]],
        )->ladder;
        $steps = array_column(array_map(fn ($step): array => $step->toArray(), $ladder), 'leaves', 'step');

        $this->assertSame('manual, up to ISO 3200', $steps['demanded']);
        $this->assertSame('1/60 s or shorter', $steps['subject']);
        $this->assertSame('85 at 85 mm', $steps['lens']);
        $this->assertArrayHasKey('hands', $steps);
        $this->assertSame('so', array_key_last($steps));
    }

    private static function advise(array $body, array $lenses, float $light, array $intent, array $more = []): Advice
    {
        $data = Fields::of([
            'body' => $body,
            'lenses' => self::lenses($lenses),
            'supports' => ['hand'],
            'intent' => $intent,
            ...$more,
        ]);
        $meant = IntentFormat::read($data->part('intent'));
        $placed = TonePlacement::of($meant, Ev100::of($light));
        $range = $more['ambientRange'] ?? null;

        return KitAdviser::advise(new AdviceRequest(
            Ev100::of($light - $placed->value),
            KitFormat::read($data),
            $meant,
            bounds: SettingBounds::read($data->part('brief')),
            placed: $placed,
            range: $range === null ? null : new LightRange(...$range),
        ));
    }

    /**
     * @param  list<string>  $names
     * @return list<array<string, mixed>>
     */
    private static function lenses(array $names): array
    {
        return array_map(function (string $name): array {
            [$min, $max, $wide, $tele, $smallest, $closest] = self::LENSES[$name];

            return ['name' => $name, 'minFocal' => $min, 'maxFocal' => $max, 'widestAtMin' => $wide,
                'widestAtMax' => $tele, 'smallest' => $smallest, 'closestFocus' => $closest];
        }, $names);
    }

    /** @param  array{float, float}  $range */
    private function assertBetween(array $range, float $value, float $slack, string $says): void
    {
        $this->assertGreaterThanOrEqual($range[0] / $slack - 1e-9, $value, $says);
        $this->assertLessThanOrEqual($range[1] * $slack + 1e-9, $value, $says);
    }
}
