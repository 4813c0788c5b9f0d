<?php

declare(strict_types=1);

namespace Tests\Feature;

use App\Imaging\FrameMeasurer;
use App\Models\FrameFinding;
use Illuminate\Foundation\Testing\RefreshDatabase;
use Illuminate\Support\Facades\Artisan;
use Illuminate\Support\Facades\File;
use Tests\Support\Pictures;
use Tests\Support\World;
use Tests\TestCase;
use TruePupil\Core\Composition\Marks;
use TruePupil\Core\Json\Fields;
use TruePupil\Core\Measures\FaceMeasures;
use TruePupil\Core\Seen\SeenFormat;

/** What a browser found in a picture, from the form to what the critique asks about it. */
final class SeenTest extends TestCase
{
    use RefreshDatabase;

    private const FACE = [
        'box' => ['x' => 0.4, 'y' => 0.3, 'width' => 0.2, 'height' => 0.4],
        'eyes' => [['x' => 0.45, 'y' => 0.45], ['x' => 0.55, 'y' => 0.45]],
        'lids' => [0.05, 0.06],
        'turn' => 0.0,
    ];

    public function test_shut_eyes_are_asked_about_kept_with_the_frame_and_forgotten(): void
    {
        $world = World::make();
        $frame = $world->prepared();
        $this->actingAs($world->student);
        $send = fn (mixed $seen) => $this->put(route('frames.update', $frame), World::form(['seen' => $seen]));
        $asked = fn (): ?FrameFinding => $frame->findings()
            ->where(['rule_id' => 'people.eyes-closed', 'current' => true])
            ->first();

        $send(json_encode(['faces' => [self::FACE]]))->assertSessionHasNoErrors();
        $this->assertStringStartsWith('Are the eyes closed?', (string) $asked()?->body->sentence);
        $this->assertFalse($frame->refresh()->seen?->isConfirmed);
        $this->assertTrue($frame->showsSomebody());
        $this->get(route('frames.edit', $frame))->assertSee('Found: one face.')
            ->assertSee('Are the eyes closed?')
            ->assertMarkup('data-patch="40,30,20,40"');

        $send('{"faces": [{}]}')->assertSessionHasErrors('seen');
        $send(str_repeat('x', 60_001))->assertSessionHasErrors('seen');
        $this->assertNotNull($frame->refresh()->seen, 'what was kept stays');
        $send('')->assertSessionHasNoErrors();
        $this->assertNull($frame->refresh()->seen);
        $this->assertNull($asked());
    }

    public function test_halves_colours_and_pupils_of_a_face_are_measured(): void
    {
        $plain = $this->measured(fn () => null);
        $this->assertEqualsWithDelta(0.0, $plain->between, 0.02);
        $this->assertEqualsWithDelta(0.0, $plain->warmthBetween, 0.05);
        $this->assertFalse($plain->hasRedPupils);

        // Codes 188 and 64 lie 3.3 stops apart.
        $dark = $this->measured(fn ($image) => self::fill($image, [300, 100, 420, 300], [64, 64, 64]));
        $this->assertEqualsWithDelta(3.29, $dark->between, 0.03);
        $this->assertEqualsWithDelta(0.0, $dark->warmthBetween, 0.05);

        // Twice as much red light as blue on one half, half as much on the other: two stops between.
        $two = $this->measured(function ($image): void {
            self::fill($image, [180, 100, 299, 300], [188, 160, 137]);
            self::fill($image, [300, 100, 420, 300], [137, 160, 188]);
        });
        $this->assertEqualsWithDelta(2.0, $two->warmthBetween, 0.15);

        $eyes = fn (int $red): FaceMeasures => $this->measured(function ($image) use ($red): void {
            foreach ([270, 330] as $x) {
                imagefilledellipse($image, $x, 180, 12, 12, (int) imagecolorallocate($image, $red, 40, 40));
            }
        });
        $this->assertTrue($eyes(180)->hasRedPupils);
        $this->assertFalse($eyes(55)->hasRedPupils, 'brown');
    }

    public function test_a_command_takes_faces_people_things_and_a_mask(): void
    {
        $picture = Pictures::jpeg(patch: 180, ground: 60, mark: 91);
        $seen = Pictures::path('json');
        File::put($seen, (string) json_encode([
            'faces' => [self::FACE],
            'things' => [
                ['what' => 'bottle', 'box' => ['x' => 0.45, 'y' => 0.05, 'width' => 0.1, 'height' => 0.3]],
            ],
        ]));
        $mask = imagecreatetruecolor(60, 40);
        self::fill($mask, [24, 12, 35, 19], [255, 255, 255]);
        imagepng($mask, $path = Pictures::path('png'));

        $answer = $this->critique($picture, ['--faces' => $seen, '--objects' => $seen, '--mask' => $path]);
        $ids = array_column([...$answer['findings'], ...$answer['further']], 'id');
        $this->assertContains('people.eyes-closed', $ids);
        $this->assertContains('people.thing-at-head', $ids);
        // A fifth of the width and a fifth of the height.
        $this->assertEqualsWithDelta(4.0, $answer['measures']['subject']['sharePct'], 0.3);
        $this->assertTrue($answer['measures']['people']['seen']['confirmed']);

        $only = $this->critique($picture, ['--objects' => $seen, '--subject' => Pictures::SUBJECT]);
        $this->assertSame([], $only['measures']['people']['seen']['faces'], 'each option reads its own part');
        imagepng(imagecreatetruecolor(60, 40), $path);
        $this->assertStringContainsString(
            'nothing of it is white',
            $this->critique($picture, ['--mask' => $path])['error']['message'],
        );
    }

    /** @param  callable(\GdImage): mixed  $paint */
    private function measured(callable $paint): FaceMeasures
    {
        $image = imagecreatetruecolor(600, 400);
        self::fill($image, [0, 0, 599, 399], [188, 188, 188]);
        $paint($image);
        imagejpeg($image, $path = Pictures::path('jpg'), 95);
        $seen = SeenFormat::read(Fields::of(['faces' => [
            [...self::FACE, 'box' => ['x' => 0.3, 'y' => 0.25, 'width' => 0.4, 'height' => 0.5]],
        ]]));
        $people = app(FrameMeasurer::class)->measure($path, new Marks(), null, $seen)->claims->people;

        return $people?->faces[0] ?? $this->fail('The face was not measured.');
    }

    /**
     * @param  array{int, int, int, int}  $corners
     * @param  array{int, int, int}  $colour
     */
    private static function fill(\GdImage $image, array $corners, array $colour): void
    {
        imagefilledrectangle($image, ...[...$corners, (int) imagecolorallocate($image, ...$colour)]);
    }

    /**
     * @param  array<string, string>  $options
     * @return array<string, mixed>
     */
    private function critique(string $picture, array $options): array
    {
        Artisan::call('pupil:critique', ['files' => [$picture], ...$options]);

        return json_decode(Artisan::output(), true, flags: JSON_THROW_ON_ERROR);
    }
}
