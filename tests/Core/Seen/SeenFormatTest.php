<?php

declare(strict_types=1);

namespace Tests\Core\Seen;

use Closure;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;
use TruePupil\Core\Json\Fields;
use TruePupil\Core\Json\InvalidFields;
use TruePupil\Core\Seen\SeenFormat;

final class SeenFormatTest extends TestCase
{
    private const BOX = ['x' => 0.4, 'y' => 0.3, 'width' => 0.2, 'height' => 0.2];

    private const FACE = [
        'box' => self::BOX,
        'eyes' => [['x' => 0.55, 'y' => 0.38], ['x' => 0.45, 'y' => 0.37]],
        'lids' => [0.31, 0.22],
        'turn' => 0.1,
    ];

    public function test_what_is_written_is_read_again_with_eyes_and_faces_in_order(): void
    {
        $small = [...self::FACE, 'box' => [...self::BOX, 'width' => 0.05]];
        $seen = SeenFormat::read(Fields::of([
            'faces' => [$small, self::FACE],
            'bodies' => [['box' => self::BOX, 'joints' => ['leftKnee' => ['x' => 0.5, 'y' => 1.02]]]],
            'things' => [['what' => 'bottle', 'box' => self::BOX]],
            'confirmed' => true,
        ]));

        $this->assertEquals($seen, SeenFormat::read(Fields::of($seen->toArray())));
        $this->assertSame(0.2, $seen->faces[0]->box->width, 'the largest first');
        $this->assertSame([[[0.45, 0.37], [0.55, 0.38]], [0.22, 0.31]], [$seen->faces[0]->eyes, $seen->faces[0]->lids]);
        $this->assertSame([0.5, 1.0], $seen->bodies[0]->joints['leftKnee'], 'what lies outside lies at the edge');
        $this->assertTrue($seen->isConfirmed && $seen->hasPerson() && ! $seen->isEmpty());
        $this->assertTrue(SeenFormat::read(Fields::of([]))->isEmpty());
    }

    public function test_a_head_has_hair_ears_and_chin_as_far_as_the_frame_goes(): void
    {
        $read = fn (array $box): array => SeenFormat::read(
            Fields::of(['faces' => [[...self::FACE, 'box' => $box]]]),
        )->faces[0]->head()->toArray();

        $this->assertEqualsWithDelta(
            ['x' => 0.376, 'y' => 0.26, 'width' => 0.248, 'height' => 0.256],
            $read(self::BOX),
            1e-9,
        );
        $this->assertSame(0.0, $read(['x' => 0.4, 'y' => 0.01, 'width' => 0.2, 'height' => 0.2])['y']);
    }

    /** @param  Closure(): array<string, mixed>  $data */
    #[DataProvider('unreadable')]
    public function test_what_cannot_be_read_is_named(Closure $data, string $names): void
    {
        $this->expectException(InvalidFields::class);
        $this->expectExceptionMessage($names);
        SeenFormat::read(Fields::of($data()));
    }

    /** @return iterable<string, array{Closure(): array<string, mixed>, string}> */
    public static function unreadable(): iterable
    {
        yield 'a key of its own' => [fn (): array => ['names' => []], 'names'];
        yield 'a box outside' => [
            fn (): array => ['things' => [['what' => 'cup', 'box' => [...self::BOX, 'x' => 0.9]]]],
            'things.0.box',
        ];
        yield 'one eye' => [
            fn (): array => ['faces' => [[...self::FACE, 'eyes' => [['x' => 0.5, 'y' => 0.5]]]]],
            'faces.0.eyes',
        ];
        yield 'a joint that there is not' => [
            fn (): array => ['bodies' => [['box' => self::BOX, 'joints' => ['tail' => ['x' => 0.5, 'y' => 0.5]]]]],
            'tail',
        ];
        yield 'a crowd' => [fn (): array => ['faces' => array_fill(0, 13, self::FACE)], '"faces" must be up to 12'];
        yield 'a long word' => [
            fn (): array => ['things' => [['what' => str_repeat('a', 41), 'box' => self::BOX]]],
            'things.0.what',
        ];
    }
}
