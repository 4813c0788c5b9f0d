<?php

declare(strict_types=1);

namespace Tests\Feature;

use App\Briefs\BriefLibrary;
use App\Models\User;
use App\Practice\Lesson;
use Illuminate\Foundation\Testing\RefreshDatabase;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\Attributes\Group;
use Tests\Support\World;
use Tests\TestCase;
use TruePupil\Core\Findings\Topic;

/** Short pages with pictures that answer: each control of each lesson can be moved, and moves something. */
#[Group('long')]
final class LessonTest extends TestCase
{
    use RefreshDatabase;

    /** @return iterable<string, array{string}> */
    public static function lessons(): iterable
    {
        foreach (json_decode((string) file_get_contents(__DIR__.'/../../resources/lessons.json'), true) as $lesson) {
            yield $lesson['id'] => [$lesson['id']];
        }
    }

    #[DataProvider('lessons')]
    public function test_every_position_of_every_control_shows_another_picture(string $id): void
    {
        $this->actingAs(User::query()->create(['name' => 'A', 'email' => 'a@kilnyard.example', 'password' => 'x']));
        $lesson = Lesson::find($id);
        $this->get(route('lessons.show', $id))->assertOk()->assertSee($lesson->title)->assertSee('Try it.');
        $this->assertGreaterThanOrEqual(1, count($lesson->controls));
        $this->assertLessThanOrEqual(3, count($lesson->controls));
        foreach ($lesson->controls as $control) {
            $seen = [];
            foreach ($control['values'] as $value) {
                $page = $this->get(
                    route('lessons.show', [$id, $control['field'] => $value]),
                    ['HX-Request' => 'true'],
                )->assertOk()->getContent();
                preg_match('~src="(data:image/jpeg[^"]+)"~', (string) $page, $picture);
                $seen[] = md5($picture[1].preg_replace('/\s+/', ' ', strip_tags((string) $page)));
            }
            $this->assertSame($seen, array_unique($seen), $control['label']);
        }
        $known = array_map(fn ($brief): string => $brief->id, app(BriefLibrary::class)->all());
        $this->assertSame([], array_diff($lesson->briefs, $known));
        $this->assertSame([], array_diff($lesson->topics, array_column(Topic::cases(), 'value')));
    }

    public function test_the_answer_comes_after_a_try_and_what_was_tried_is_marked(): void
    {
        $reader = User::query()->create(['name' => 'A', 'email' => 'a@kilnyard.example', 'password' => 'x']);
        $this->actingAs($reader);
        $answer = 'Less is sharp in front of the bottle';
        $this->get(route('lessons.show', 'stop'))->assertOk()->assertDontSeeText('Show the answer')
            ->assertDontSeeText($answer);
        $this->assertNull($reader->fresh()?->lessons_read);

        $this->get(route('lessons.show', ['stop', 't' => '1/100']), ['HX-Request' => 'true'])
            ->assertSeeText('Show the answer')->assertSee('hx-swap-oob', escape: false)->assertDontSeeText($answer);
        $this->assertSame(['stop'], $reader->fresh()->lessons_read);
        $page = $this->get(route('lessons.show', ['stop', ...Lesson::find('stop')->task->set, 'answer' => 1]))
            ->assertSeeText($answer)->assertSeeText('Put it back');
        $this->assertMatchesRegularExpression('~value="1/200"\s+checked~', (string) $page->getContent());
        $this->get(route('lessons'))->assertSeeText('read');
    }

    public function test_every_answer_stands_on_positions_that_its_controls_have(): void
    {
        foreach (Lesson::all() as $lesson) {
            $moved = $lesson->input($lesson->task->set)->texts;
            $this->assertSame([], array_diff_assoc($lesson->task->set, $moved), $lesson->id);
            $this->assertTrue($lesson->isTried($moved), $lesson->id);
            $this->assertFalse($lesson->isTried($lesson->input([])->texts), $lesson->id);
        }
    }

    public function test_what_is_no_position_of_a_control_changes_nothing(): void
    {
        $lesson = Lesson::find('stop');
        $moved = $lesson->input(['t' => '1/3', 'scene' => 'kiln', 'n' => []]);
        $this->assertSame($lesson->input([])->texts, $moved->texts);
        $this->assertSame('1/100', $lesson->input(['t' => '1/100'])->texts['t']);
    }

    public function test_a_brief_leads_to_its_lessons_and_a_finding_to_one(): void
    {
        $world = World::make();
        $this->actingAs($world->student)
            ->get(route('set-briefs.show', $world->setBrief))
            ->assertSee(route('lessons.show', 'meter'));
        $this->assertSame('iso', Lesson::forTopic('noise')?->id);
        $this->get(route('lessons'))->assertOk()->assertSee('What a stop is')->assertSee('Film');
        $this->get(route('lessons.show', 'nothing'))->assertNotFound();
    }
}
