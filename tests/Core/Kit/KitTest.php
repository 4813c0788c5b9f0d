<?php

declare(strict_types=1);

namespace Tests\Core\Kit;

use InvalidArgumentException;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;
use Tests\Core\Situations;
use TruePupil\Core\Exposure\StopIncrement;
use TruePupil\Core\Film\FilmKind;
use TruePupil\Core\Json\Fields;
use TruePupil\Core\Kit\Body;
use TruePupil\Core\Kit\Kit;
use TruePupil\Core\Kit\KitFormat;
use TruePupil\Core\Kit\Lens;
use TruePupil\Core\Kit\Support;
use TruePupil\Core\Optics\InvalidOptics;
use TruePupil\Core\Optics\SensorFormat;

final class KitTest extends TestCase
{
    public function test_a_zoom_closes_evenly_between_its_ends(): void
    {
        $zoom = new Lens('zoom', 18, 55, 3.5, 5.6);

        $this->assertSame(
            [3.5, 4.5, 5.6],
            [$zoom->widestAt(18)->nominal(), $zoom->widestAt(31)->nominal(), $zoom->widestAt(55)->nominal()],
        );
        $this->assertSame(2.8, (new Lens('fast', 24, 70, 2.8, 2.8))->widestAt(50)->nominal());
        $before = 0.0;
        for ($f = 18.0; $f <= 55.0; $f += 0.5) {
            $this->assertGreaterThanOrEqual($before, $zoom->widestAt($f)->exact);
            $before = $zoom->widestAt($f)->exact;
        }
    }

    public function test_a_lens_does_not_go_beyond_its_zoom(): void
    {
        $this->expectException(InvalidOptics::class);
        $this->expectExceptionMessage('does not reach 60 mm; it goes from 18 to 55 mm');
        (new Lens('zoom', 18, 55, 3.5, 5.6))->widestAt(60);
    }

    public function test_the_lenses_at_a_focal_length_come_fastest_first(): void
    {
        $kit = new Kit(new Body('b', SensorFormat::fullFrame()), [
            new Lens('zoom', 24, 105, 4, 4),
            Lens::prime('prime', 50, 1.8),
            Lens::prime('long', 135, 2.8),
        ]);

        $this->assertSame(['prime', 'zoom'], array_map(fn (Lens $lens): string => $lens->name, $kit->lensesAt(50)));
        $this->assertSame('long', $kit->lensNamed('long')?->name);
        $this->assertNull($kit->lensNamed('other'));
    }

    public function test_a_kit_is_read_whole(): void
    {
        $kit = KitFormat::read(
            Fields::of([
                'body' => [
                    'name' => 'Marlpit Two',
                    'format' => '23.5x15.6',
                    'pixels' => [6000, 4000],
                    'fastest' => 0.00025,
                    'isoMin' => 50,
                    'isoMax' => 12800,
                    'isoBase' => 100,
                    'stabiliserStops' => 3,
                    'stepsPerStop' => 2,
                    'flashSync' => 0.005,
                    'comfortableIso' => 3200,
                ],
                'lenses' => [
                    [
                        'name' => '35 prime',
                        'minFocal' => 35,
                        'maxFocal' => 35,
                        'widestAtMin' => 1.8,
                        'smallest' => 16,
                        'closestFocus' => 0.3,
                    ],
                ],
                'supports' => ['hand', 'tripod'],
                'filters' => [3, 6],
                'flash' => ['guideNumber' => 36],
                'film' => ['boxSpeed' => 400, 'kind' => 'black-and-white'],
            ]),
        );

        $this->assertEqualsWithDelta(3.917, $kit->body->pixelPitch(), 0.001);
        $this->assertSame(
            [StopIncrement::Half, 100.0, 50.0],
            [$kit->body->limits->increment, $kit->body->limits->isoBase, $kit->body->limits->isoMin],
        );
        $this->assertSame([Support::Hand, Support::Tripod], $kit->supports);
        $this->assertSame(
            [1.8, 0.3, [3.0, 6.0], 36.0],
            [$kit->lenses[0]->widestAtMax, $kit->lenses[0]->closestFocus, $kit->filters, $kit->flash?->guideNumber],
        );
        $this->assertSame([FilmKind::BlackAndWhite, 400.0], [$kit->film?->kind, $kit->film?->boxSpeed->nominal()]);
    }

    public function test_an_own_circle_of_confusion_counts(): void
    {
        $body = KitFormat::body(Fields::of(['format' => '36x24', 'circleOfConfusion' => 0.02]));

        $this->assertSame(0.02, $body->format->circleOfConfusion());
        $this->assertEqualsWithDelta(0.012, SensorFormat::fullFrame()->judgedByPixels(6)->circleOfConfusion(), 1e-9);
    }

    #[DataProvider('wrong')]
    public function test_what_is_wrong_is_named(array $data, string $message): void
    {
        $this->expectException(InvalidArgumentException::class);
        $this->expectExceptionMessage($message);
        KitFormat::read(Fields::of($data));
    }

    public static function wrong(): array
    {
        return [
            [
                ['lenses' => [['name' => 'x', 'minFocal' => 0, 'widestAtMin' => 2]]],
                '"lenses.0.minFocal" must be greater than zero; got 0',
            ],
            [['lenses' => [['name' => 'x', 'widestAtMin' => 2]]], '"lenses.0.minFocal" is missing'],
            [
                ['lenses' => [['minFocal' => 70, 'maxFocal' => 24, 'widestAtMin' => 2]]],
                'The focal lengths of 70 mm are the wrong way round',
            ],
            [['lenses' => [['minFocal' => 70, 'widestAtMin' => 32, 'smallest' => 22]]], 'apertures'],
            [['lenses' => 'many'], '"lenses" must be a list; got "many"'],
            [['body' => ['format' => 'big']], '"big" is not a format'],
            [['body' => ['stepsPerStop' => 4]], '2 or 3; got 4'],
            [['body' => ['stabiliserStops' => -1]], 'got -1'],
            [['body' => ['fastest' => 2, 'slowest' => 1]], 'wrong way round'],
            [['supports' => ['balloon']], 'got "balloon"'],
            [['filters' => [3, -1]], '"filters.1" must be a number greater than zero; got -1'],
            [['film' => ['kind' => 'slide']], '"film.boxSpeed" is missing'],
        ];
    }

    public function test_a_polariser_takes_a_stop_and_a_third(): void
    {
        $this->assertSame([6.0, 4 / 3], Situations::kit(more: ['filters' => [6], 'polariser' => true])->filters);
    }
}
