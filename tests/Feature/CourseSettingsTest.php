<?php

declare(strict_types=1);

namespace Tests\Feature;

use App\Models\Course;
use Illuminate\Foundation\Testing\RefreshDatabase;
use Illuminate\Support\Carbon;
use Sabre\VObject\Component\VCalendar;
use Sabre\VObject\Reader;
use Tests\Support\World;
use Tests\TestCase;
use TruePupil\Core\Approach\Approach;
use TruePupil\Core\Approach\ApproachQuestion;
use TruePupil\Core\Approach\Protects;

final class CourseSettingsTest extends TestCase
{
    use RefreshDatabase;

    public function test_the_approach_is_explained_and_changed_and_its_weights_stay(): void
    {
        $world = World::make();
        $world->course->update(['approach' => [...$world->course->approach, 'weights' => ['noise' => 1.5]]]);
        $page = $this->actingAs($world->instructor)->get(route('courses.settings', $world->course))->assertOk();
        foreach (ApproachQuestion::cases() as $question) {
            $page->assertSee($question->about());
            $this->assertGreaterThanOrEqual(2, count($question->choices()));
        }

        $this->actingAs($world->instructor)
            ->put(route('courses.settings.update', $world->course), $this->settings(['protects' => 'shadows']))
            ->assertRedirect(route('courses.show', $world->course));
        $course = Course::query()->findOrFail($world->course->id);
        $this->assertSame(Protects::Shadows, $course->approachChoices()->light->protects);
        $this->assertSame(['noise' => 1.5], $course->approachChoices()->weights);
        $this->actingAs($world->student)
            ->get(route('courses.show', $course))
            ->assertOk()
            ->assertSee('shadows (negative film)');
    }

    public function test_what_is_no_answer_is_refused_and_nothing_typed_is_lost(): void
    {
        $world = World::make();
        foreach (
            [['approach' => ['protects' => 'everything']], ['timezone' => 'Nowhere/Atlantis'], ['name' => '']] as $wrong
        ) {
            $this->actingAs($world->instructor)
                ->from(route('courses.settings', $world->course))
                ->put(
                    route('courses.settings.update', $world->course),
                    array_replace_recursive($this->settings(), $wrong, ['place' => 'The new hall']),
                )
                ->assertRedirect(route('courses.settings', $world->course))
                ->assertSessionHasErrors()
                ->assertSessionHasInput('place', 'The new hall');
        }
        $this->assertNotSame('The new hall', $world->course->refresh()->place);
    }

    public function test_only_whoever_teaches_changes_a_course(): void
    {
        $world = World::make();
        foreach (['critic', 'student', 'outsider'] as $person) {
            $this->actingAs($world->$person)->get(route('courses.settings', $world->course))->assertForbidden();
            $this->actingAs($world->$person)
                ->put(route('courses.settings.update', $world->course), $this->settings())
                ->assertForbidden();
        }
        $this->actingAs($world->outsider)->get(route('courses.calendar', $world->course))->assertForbidden();
    }

    public function test_due_dates_are_typed_and_said_in_the_time_of_the_course_and_kept_in_utc(): void
    {
        $world = World::make();
        $world->course->update(['timezone' => 'America/Halifax']);
        $this->actingAs($world->instructor)
            ->post(route('set-briefs.store', $world->course), [
                'brief' => 'night-ladder',
                'due_at' => '2026-12-04T20:00',
            ])
            ->assertRedirect();
        $setBrief = $world->course->setBriefs()->where('brief_id', 'night-ladder')->sole();
        // Four hours west of Greenwich in winter.
        $this->assertSame('2026-12-05 00:00', $setBrief->due_at?->format('Y-m-d H:i'));
        $this->actingAs($world->student)
            ->get(route('set-briefs.show', $setBrief))
            ->assertSee('4 Dec 2026, 20:00 (America/Halifax)');
        $this->assertSame(
            '1 Jul 2026, 09:00 (America/Halifax)',
            $world->course->formatMoment(Carbon::parse('2026-07-01 12:00', 'UTC')),
        );
    }

    public function test_due_dates_go_into_any_calendar(): void
    {
        $world = World::make();
        $world->course->update(['name' => "Light; evenings, and\nmore", 'timezone' => 'Asia/Tokyo']);
        $world->setBrief->update(['due_at' => Carbon::parse('2026-12-04 11:00', 'UTC')]);
        $answer = $this->actingAs($world->student)
            ->get(route('courses.calendar', $world->course))
            ->assertOk()
            ->assertHeader('Content-Type', 'text/calendar; charset=utf-8');
        $calendar = Reader::read((string) $answer->getContent());
        $this->assertInstanceOf(VCalendar::class, $calendar);
        $this->assertSame([], $calendar->validate());
        $event = $calendar->VEVENT;
        $this->assertCount(1, $event);
        $this->assertSame('2026-12-04 11:00', $event->DTEND->getDateTime()->format('Y-m-d H:i'));
        $this->assertStringContainsString('The meter is fooled', (string) $event->SUMMARY);
        $this->assertStringContainsString((string) $world->setBrief->id, (string) $event->URL);
        foreach (explode("\r\n", (string) $answer->getContent()) as $line) {
            $this->assertLessThanOrEqual(75, strlen($line));
        }
    }

    /**
     * @param  array<string, string>  $approach
     * @return array<string, mixed>
     */
    private function settings(array $approach = []): array
    {
        return [
            'name' => 'Evening light',
            'place' => 'The old hall',
            'timezone' => 'Europe/Lisbon',
            'approach' => [...(new Approach())->toArray(), ...$approach],
        ];
    }
}
