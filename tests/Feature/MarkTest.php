<?php

declare(strict_types=1);

namespace Tests\Feature;

use App\Models\AttemptState;
use App\Models\Marking;
use App\Models\MarkingKind;
use App\Transfer\MarkTable;
use Illuminate\Foundation\Testing\RefreshDatabase;
use PHPUnit\Framework\Attributes\DataProvider;
use Tests\Support\World;
use Tests\TestCase;

/** Marks of the teacher's own. */
final class MarkTest extends TestCase
{
    use RefreshDatabase;

    /** @param  ?list<int>  $mark */
    #[DataProvider('marks')]
    public function test_a_mark_in_words(Marking $marking, ?array $mark, ?string $words): void
    {
        $this->assertSame($words, $marking->words($mark));
    }

    public static function marks(): iterable
    {
        $rubric = new Marking(MarkingKind::Rubric, 4, ['Light', 'Focus']);
        yield 'off' => [new Marking(), [1], null];
        yield 'pass' => [new Marking(MarkingKind::Pass), [1], 'pass'];
        yield 'not yet' => [new Marking(MarkingKind::Pass), [0], 'not yet'];
        yield 'points' => [new Marking(MarkingKind::Points, 20), [14], '14 of 20'];
        yield 'lines' => [$rubric, [3, 0], 'Light 3 of 4, Focus 0 of 4: 3 of 8'];
        yield 'none' => [$rubric, null, null];
        yield 'of another way of marking' => [$rubric, [3], null];
    }

    public function test_off_to_begin_with_then_given_at_the_desk_read_in_the_return_and_taken_out_as_a_table(): void
    {
        $world = World::make();
        $attempt = $world->handedIn();
        $desk = fn () => $this->actingAs($world->instructor)->get(route('desk.show', $attempt));
        $desk()->assertDontSee('Your mark');
        $this->put(route('attempts.mark', $attempt), ['mark' => [1]]);
        $this->assertNull($attempt->refresh()->mark, 'where nobody marks there is no mark');
        $world->course->update(['marking' => new Marking(MarkingKind::Points, 20)]);
        $desk()->assertSee('Your mark');
        $mark = fn (array $mark) => $this->put(
            route('attempts.mark', $attempt),
            ['mark' => $mark],
            ['HX-Request' => 'true', 'Accept' => 'text/html'],
        );
        foreach (['21', '-1', '3.5', 'x'] as $wrong) {
            $mark([$wrong])->assertUnprocessable();
        }
        $mark([14])->assertSee('Kept: 14 of 20');
        $this->assertSame([['Stu Dent', '']], array_slice(MarkTable::ofCourse($world->course), 2), 'not published yet');
        $this->post(route('desk.publish', $attempt));
        $this->assertSame(AttemptState::Returned, $attempt->refresh()->state);
        $mark([1]);
        $this->assertSame([14], $attempt->refresh()->mark, 'what has gone out stays');
        $this->actingAs($world->student)->get(route('attempts.return', $attempt))->assertSee('14 of 20');
        $this->actingAs($world->instructor)
            ->get(route('courses.board', ['course' => $world->course, 'as' => 'results']))
            ->assertSee('14 of 20');
        $this->assertStringContainsString(
            '"Stu Dent","14 of 20"',
            $this->get(route('marks.course', $world->course))->streamedContent(),
        );
        $this->assertStringContainsString(
            '"14 of 20"',
            $this->get(route('marks.student', [$world->course, $world->student]))->streamedContent(),
        );
    }
}
