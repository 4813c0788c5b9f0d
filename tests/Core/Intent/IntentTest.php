<?php

declare(strict_types=1);

namespace Tests\Core\Intent;

use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;
use Tests\Core\Parts;
use TruePupil\Core\Intent\IntendedDistances;
use TruePupil\Core\Intent\Intent;
use TruePupil\Core\Intent\IntentFormat;
use TruePupil\Core\Intent\Movement;
use TruePupil\Core\Intent\MovementLook;
use TruePupil\Core\Intent\TimeBand;
use TruePupil\Core\Json\Fields;
use TruePupil\Core\Optics\SensorFormat;

final class IntentTest extends TestCase
{
    public function test_depth_is_asked_for_once_enough_is_known(): void
    {
        $this->assertFalse((new Intent(distances: new IntendedDistances(subject: 3)))->asksForDepth());
        $this->assertFalse((new Intent(distances: new IntendedDistances(far: 5)))->asksForDepth());
        $this->assertTrue((new Intent(distances: new IntendedDistances(subject: 3, far: 5)))->asksForDepth());
        $this->assertSame(
            [2.0, 3.0],
            [
                (new Intent(distances: new IntendedDistances(subject: 3, near: 2)))->sharpFrom(),
                (new Intent(distances: new IntendedDistances(subject: 3, near: 2)))->sharpTo(),
            ],
        );
        $this->assertNull((new Intent(distances: new IntendedDistances(near: 2, far: INF)))->sharpTo());
    }

    #[DataProvider('nonsense')]
    public function test_nonsense_is_refused_with_its_value(array $parts, string $says): void
    {
        $this->expectExceptionMessage($says);
        Parts::of(Intent::class, $parts);
    }

    /** @return list<array{array<string, float>, string}> */
    public static function nonsense(): array
    {
        return [
            [['subject' => 0.0], 'got 0'],
            [['near' => -2.0], 'got -2'],
            [['near' => 4.0, 'far' => 3.0], '4'],
            [['subject' => 5.0, 'far' => 3.0], '5'],
            [['maxIso' => -100.0], 'got -100'],
        ];
    }

    public function test_a_movement_gives_its_times(): void
    {
        $format = SensorFormat::fullFrame();
        $band = fn (MovementLook $want, ?float $speed = 1.4): TimeBand => (new Movement($want, $speed))->band(
            50,
            5,
            $format,
        );

        $this->assertEqualsWithDelta(1 / 471, $band(MovementLook::Freeze)->longest, 1e-5);
        $this->assertEqualsWithDelta(1 / 118, $band(MovementLook::Acceptable)->longest, 1e-4);
        $this->assertSame(0.5, $band(MovementLook::Silk)->shortest);
        $this->assertSame(1 / 500, $band(MovementLook::Freeze, null)->longest);
        $this->assertNull(
            (new Movement(MovementLook::Freeze, 1.4, 90))->band(50, 5, $format, 0.0)->longest,
            'straight towards the camera a point in the middle does not move',
        );
        $this->expectExceptionMessage('-3');
        new Movement(MovementLook::Freeze, -3);
    }

    public function test_it_reads_from_a_file(): void
    {
        $intent = IntentFormat::read(
            Fields::parse(
                '{"subject": 3, "near": 2, "far": "infinity", "motion": {"speed": 5, "angle": 30, "want": "pan"}, '.
                    '"stars": true, "sceneStops": 12}',
            ),
        );

        $this->assertSame(
            [3.0, INF, MovementLook::Pan, 30.0, true, 12.0],
            [
                $intent->distances->subject,
                $intent->distances->far,
                $intent->movement?->want,
                $intent->movement->angle,
                $intent->contents->stars,
                $intent->sceneStops,
            ],
        );
        $this->assertTrue(IntentFormat::read(Fields::of([]))->isEmpty());
        $this->expectExceptionMessage('motion.want');
        IntentFormat::read(Fields::parse('{"motion": {"want": "wobble"}}'));
    }
}
