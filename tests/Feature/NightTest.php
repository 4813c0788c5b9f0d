<?php

declare(strict_types=1);

namespace Tests\Feature;

use App\Briefs\BriefLibrary;
use App\HandIn\AddPicture;
use App\HandIn\PreparedFrame;
use App\HandIn\PrepareFrame;
use App\Models\SetBrief;
use Illuminate\Foundation\Testing\RefreshDatabase;
use Tests\Support\Pictures;
use Tests\Support\World;
use Tests\TestCase;
use TruePupil\Core\Capture\StatedFields;
use TruePupil\Core\Intent\IntendedContents;
use TruePupil\Core\Intent\Intent;
use TruePupil\Core\Kit\Support;

/** A night out: the next rung from the last frame, how long one waits, and the way back. */
final class NightTest extends TestCase
{
    use RefreshDatabase;

    private const KIT = [
        'body' => [
            'name' => 'Marlpit One',
            'format' => '36x24',
            'pixels' => [6000, 4000],
            'fastest' => 1 / 4000,
            'slowest' => 60,
            'isoMin' => 100,
            'isoBase' => 100,
            'isoMax' => 12800,
        ],
        'lenses' => [
            [
                'name' => 'Marlpit 20 mm',
                'minFocal' => 20,
                'maxFocal' => 20,
                'widestAtMin' => 1.8,
                'widestAtMax' => 1.8,
                'smallest' => 16,
                'closestFocus' => 0.2,
            ],
        ],
        'supports' => ['hand', 'tripod'],
    ];

    public function test_the_last_frame_says_the_next_rung_of_the_ladder(): void
    {
        $world = World::make();
        $brief = $this->nightLadder($world);
        $this->actingAs($world->student);

        // A lamp that is lost: half the time. Then the stars: at 50 mm they draw out after ten seconds.
        $this->assertRung($world, $brief, patch: 255, seconds: 15, rung: 'Next rung: 8 s at ISO 400.');
        $this->assertRung($world, $brief, patch: 200, seconds: 15, rung: 'Next rung: 8 s at ISO 800.');
        $this->assertRung($world, $brief, patch: 200, seconds: 8, rung: null);
    }

    public function test_a_roll_of_film_keeps_its_speed(): void
    {
        $world = World::make();
        $film = ['name' => 'Kilnyard 400', 'boxSpeed' => 400.0, 'kind' => 'negative'];
        $world->student->update(['kit' => [...self::KIT, 'film' => $film]]);
        $this->actingAs($world->student);
        $this->assertRung($world, $this->nightLadder($world), 200, 15, 'Next rung: 8 s at ISO 400.');
    }

    public function test_no_ladder_is_spoken_of_where_the_brief_is_none(): void
    {
        $world = World::make();
        $frame = $world->prepared(Pictures::jpeg(patch: 255));
        $this->actingAs($world->student)
            ->get(route('frames.edit', $frame))
            ->assertOk()
            ->assertDontSee('Next rung');
    }

    public function test_a_plan_for_the_night_tells_how_long_one_waits_and_what_is_done_before_leaving(): void
    {
        $world = World::make();
        $world->student->update(['kit' => self::KIT]);
        $this->actingAs($world->student);
        $plan = fn (string $ev): array => [
            'way' => 'spot',
            'spotEv' => $ev,
            'subject' => '30',
            'support' => 'tripod',
            'about' => 'The yard.',
            'reason' => 'Lamps.',
        ];
        $night = $this->nightLadder($world);
        $this->put(route('plans.update', $night), $plan('-4'));
        $this->get(route('plans.edit', $night))
            ->assertSee('you wait')
            ->assertDontSee('Before you leave, in the dark');
        $this->post(route('plans.choose', $night), ['suggestion' => '0'])->assertRedirect();
        foreach (['plans.edit', 'plans.print'] as $page) {
            $this->get(route($page, $night))
                ->assertSee('Before you leave, in the dark')
                ->assertSee('A last look around with the torch');
        }

        $this->put(route('plans.update', $world->setBrief), $plan('12'));
        $this->post(route('plans.choose', $world->setBrief), ['suggestion' => '0'])->assertRedirect();
        $this->get(route('plans.print', $world->setBrief))
            ->assertDontSee('you wait')
            ->assertDontSee('Before you leave, in the dark');
    }

    private function nightLadder(World $world): SetBrief
    {
        return $world->course->setBriefs()->create([
            'brief_id' => 'night-ladder',
            'brief' => app(BriefLibrary::class)->data('night-ladder'),
        ]);
    }

    private function assertRung(World $world, SetBrief $brief, int $patch, float $seconds, ?string $rung): void
    {
        $frame = app(AddPicture::class)
            ->handle(
                $brief,
                $world->student,
                Pictures::jpeg(patch: $patch, ground: 60, record: Pictures::record(2.8, $seconds, 400)),
                'yard.jpg',
            )
            ->frame->refresh();
        app(PrepareFrame::class)->handle(
            $frame,
            new PreparedFrame(
                subject: null,
                stated: new StatedFields(support: Support::Tripod),
                about: 'The yard.',
                reason: 'Lamps.',
                intent: new Intent(contents: new IntendedContents(stars: true)),
            ),
        );
        $page = $this->get(route('frames.edit', $frame))->assertOk();
        $rung === null ? $page->assertDontSee('Next rung') : $page->assertSeeText($rung);
        $this->delete(route('frames.destroy', $frame));
    }
}
