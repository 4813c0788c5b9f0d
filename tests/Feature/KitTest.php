<?php

declare(strict_types=1);

namespace Tests\Feature;

use App\Kits\KitInUse;
use Illuminate\Foundation\Testing\RefreshDatabase;
use PHPUnit\Framework\Attributes\DataProvider;
use Tests\Support\Pictures;
use Tests\Support\World;
use Tests\TestCase;
use TruePupil\Core\Kit\BodyKind;

final class KitTest extends TestCase
{
    use RefreshDatabase;

    private const FORM = [
        'name' => 'Marlpit One',
        'format' => '36x24',
        'pixels' => '6000',
        'fastest' => '1/8000',
        'slowest' => '30',
        'isoMin' => '50',
        'isoBase' => '100',
        'isoMax' => '51200',
        'flashSync' => '1/200',
        'stabiliserStops' => '3',
        'stepsPerStop' => '3',
        'lenses' => 'Marlpit 50 mm: 50 mm 1.8 to 16 from 0.45 m',
        'supports' => ['tripod'],
        'filters' => '3 6',
        'guideNumber' => '28 m',
    ];

    public function test_a_kit_is_entered_kept_and_shown_again(): void
    {
        $student = World::make()->student;

        $this->actingAs($student)->get(route('kit.edit'))->assertOk()->assertSee('Nothing is entered yet');
        $this->put(route('kit.update'), self::FORM)->assertRedirect(route('kit.edit'));
        $kit = KitInUse::of($student->fresh());
        $this->assertSame(
            ['Marlpit 50 mm', 0.005, 28.0, [3.0, 6.0]],
            [$kit?->lenses[0]->name, $kit?->body->limits->flashSync, $kit?->flash?->guideNumber, $kit?->filters],
        );
        $this->assertCount(2, $kit->supports);
        $this->get(route('kit.edit'))
            ->assertSee('Marlpit 50 mm: 50 mm 1.8 to 16 from 0.45 m')
            ->assertSee('value="1/200"', escape: false);
    }

    public function test_a_telephone_is_a_kit_by_one_tap_and_takes_nobody_s_kit_away(): void
    {
        $student = World::make()->student;
        $this->actingAs($student)->get(route('kit.edit'))->assertSee('My telephone is my camera');
        $this->post(route('kit.phone'))->assertRedirect(route('kit.edit'));
        $kit = KitInUse::of($student->fresh());
        $this->assertSame([BodyKind::Phone, false, 1.8], [
            $kit?->body->kind, $kit?->body->setsTime, $kit?->lenses[0]->smallest,
        ]);
        // Said to set its time, and with a flash that turns and syncs fast.
        $this->put(route('kit.update'), [
            ...self::FORM, 'kind' => 'phone', 'canBounce' => '1', 'highSpeedSync' => '1',
        ])->assertSessionHasNoErrors();
        $kit = KitInUse::of($student->fresh());
        $this->assertSame([BodyKind::Phone, true, true, true], [
            $kit?->body->kind, $kit?->body->setsTime, $kit?->flash?->canBounce, $kit?->flash?->highSpeedSync,
        ]);
        $this->post(route('kit.phone'));
        $this->assertSame('Marlpit One', KitInUse::of($student->fresh())?->body->name);
    }

    #[DataProvider('nonsense')]
    public function test_nonsense_is_told_at_its_field_and_what_was_typed_is_kept(array $changes, string $says): void
    {
        $student = World::make()->student;
        $response = $this->actingAs($student)
            ->from(route('kit.edit'))
            ->put(route('kit.update'), [...self::FORM, ...$changes]);

        $response->assertRedirect(route('kit.edit'))->assertSessionHasErrors(array_keys($changes));
        $this->assertNull($student->fresh()->kit);
        $this->get(route('kit.edit'))->assertSee($says)->assertSee('value="Marlpit One"', escape: false);
    }

    /** @return list<array{array<string, string>, string}> */
    public static function nonsense(): array
    {
        return [
            [['lenses' => 'the fast one'], 'cannot be read as a lens'],
            [['lenses' => '50 mm 4 to 2'], 'wrong way round'],
            [['isoMin' => '-50'], 'greater than zero'],
            [['pixels' => 'many'], 'is no number'],
            [['fastest' => 'quick'], 'cannot be read as an exposure time'],
            [['format' => 'big'], 'big'],
            [['stabiliserStops' => '40'], '40'],
            [['filmYears' => 'old', 'filmSpeed' => '-5'], 'greater than zero'],
            [['isoMin' => 'few', 'slowest' => 'long', 'lenses' => 'the fast one'], 'cannot be read as a lens'],
            [['filters' => '3 dark'], 'is no number of stops'],
            [['filters' => '3 -6'], 'greater than zero'],
            [['autoFloor' => '-1'], 'greater than zero'],
        ];
    }

    public function test_the_kit_reaches_the_critique(): void
    {
        $world = World::make();
        $world->student->update([
            'kit' => [
                'body' => ['isoMin' => 50, 'isoBase' => 200],
                'lenses' => [['name' => 'Marlpit 50 mm', 'minFocal' => 50, 'widestAtMin' => 1.8]],
                'supports' => ['hand', 'tripod'],
            ],
        ]);
        $attempt = $world->handedIn(Pictures::jpeg(patch: 118, record: Pictures::record(iso: 100)));
        $frame = $attempt->frames->first();

        $this->assertContains('exposure.iso-below-base', $frame->findings->pluck('rule_id')->all());
        $this->assertNotContains('kit', array_merge(...array_values($frame->unmet_needs)));
        $this->assertNotSame([], $frame->suggestions[0]->effect->fixes);
    }
}
