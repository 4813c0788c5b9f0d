<?php

declare(strict_types=1);

namespace Tests\Feature;

use App\Models\Attempt;
use App\Models\Decision;
use App\Models\FrameFinding;
use App\Patterns\ClassPatterns;
use App\Skills\SkillRecord;
use App\Transfer\CourseDocument;
use App\Transfer\FrameTable;
use App\View\Drawings\SettingsPicture;
use App\View\Presenters\TeachNext;
use Illuminate\Foundation\Testing\RefreshDatabase;
use Illuminate\Support\Facades\File;
use Illuminate\Support\Str;
use Tests\Support\Pictures;
use Tests\Support\World;
use Tests\TestCase;
use TruePupil\Core\Checks\Measures\SubjectPlacementError;
use TruePupil\Core\Checks\Verdict;
use TruePupil\Core\Exposure\Aperture;
use TruePupil\Core\Exposure\ExposureSettings;
use TruePupil\Core\Exposure\ExposureTime;
use TruePupil\Core\Exposure\Iso;
use TruePupil\Core\Findings\Evidence;
use TruePupil\Core\Findings\Finding;

/** The class over one brief, and what can be taken along. */
final class PatternsAndExportsTest extends TestCase
{
    use RefreshDatabase;

    public function test_what_many_share_comes_first_and_frames_are_shown_where_their_owner_allows_it(): void
    {
        $world = World::make();
        $mine = $world->handedIn(Pictures::jpeg(patch: 118));
        $world->handedIn(Pictures::jpeg(patch: 118, mark: 2), $world->neighbour);
        // What is still being prepared is nobody's pattern.
        $patterns = ClassPatterns::of($world->setBrief);
        $this->assertSame(2, $patterns->students());
        $first = $patterns->findings()[0];
        $this->assertEquals([2, 1.0, []], [$first['students'], $first['share'], $first['frames']]);
        $placement = collect($patterns->checks())->firstWhere('measure.id', SubjectPlacementError::ID);
        $this->assertSame([0, 2, '2 too dark'], [
            $placement->count(Verdict::Met),
            $placement->count(Verdict::Missed),
            $placement->sides(),
        ]);
        // What most missed is taught first, with what treats it, and shows nobody's frame.
        $teach = TeachNext::all($patterns)[0];
        $this->assertSame(SubjectPlacementError::ID, $teach->spread->measure->id);
        $this->assertSame([2, []], [$teach->spread->studentsOff(), $teach->frames()]);
        $this->assertSame(['meter-says', true], [$teach->drill?->value, $teach->lesson !== null]);

        // One student's figure is not everybody's: the range is said, and a sentence is one frame's.
        $this->assertStringContainsString('in all of them', (string) $first['range']);
        $evidence = FrameFinding::query()->where('rule_id', $first['rule'])->orderBy('id')->get();
        $other = $evidence[1]->found();
        $evidence[1]->update([
            'body' => new Finding(
                $other->id,
                $other->topic,
                $other->severity,
                $other->sentence,
                [new Evidence($other->evidence[0]->name, $other->evidence[0]->value - 2.0, $other->evidence[0]->unit)],
                $other->source,
            ),
        ]);
        $range = (string) ClassPatterns::of($world->setBrief)->findings()[0]['range'];
        $this->assertMatchesRegularExpression('/ .+ to .+/', $range);
        $this->actingAs($world->instructor)
            ->get(route('patterns', $world->setBrief))
            ->assertSee('In one of them: ')
            ->assertSee($range);

        $mine->update(['may_show' => true]);
        $this->assertSame(['misses it'], array_keys(TeachNext::all(ClassPatterns::of($world->setBrief))[0]->frames()));
        $this->assertCount(1, ClassPatterns::of($world->setBrief)->findings()[0]['frames']);
        FrameFinding::query()
            ->where('rule_id', $first['rule'])
            ->update(['decision' => Decision::Dismissed]);
        $this->assertNotContains($first['rule'], array_column(ClassPatterns::of($world->setBrief)->findings(), 'rule'));

        $this->actingAs($world->instructor)
            ->get(route('patterns', $world->setBrief))
            ->assertOk()
            ->assertSee('To teach next')
            ->assertSee('Not met by 2 of 2: 2 too dark.')
            ->assertSee('Of 2 frames: 2 missed (2 too dark).')
            ->assertSee('aperture priority');
        $this->actingAs($world->student)->get(route('patterns', $world->setBrief))->assertForbidden();
        $this->actingAs($world->outsider)->get(route('patterns', $world->setBrief))->assertForbidden();
    }

    public function test_settings_are_drawn_where_they_lie(): void
    {
        $make = fn (float $n, float $t, float $iso): ExposureSettings => new ExposureSettings(
            Aperture::of($n),
            ExposureTime::of($t),
            Iso::of($iso),
        );
        $this->assertNull(SettingsPicture::of([]));
        $points =
            SettingsPicture::of([
                $make(2.8, 1 / 60, 100),
                $make(2.8, 1 / 60, 100),
                $make(8, 1 / 500, 400),
            ])?->points() ?? [];
        $this->assertSame([2, 1], array_column($points, 'count'));
        $this->assertSame([0, 2], array_column($points, 'rings'));
        $this->assertLessThan($points[1]['x'], $points[0]['x'], 'smaller apertures lie to the right');
        $this->assertGreaterThan($points[1]['y'], $points[0]['y'], 'longer times lie lower');
    }

    public function test_every_frame_is_a_row_and_no_cell_runs_as_a_formula(): void
    {
        $world = World::make();
        $attempt = $world->handedIn();
        $world->student->update(['name' => '=cmd']);
        $world->prepared(Pictures::jpeg(mark: 3), $world->neighbour);
        $rows = iterator_to_array(FrameTable::rows($world->course), false);

        $this->assertCount(2, $rows, 'the heading, and the one that was handed in');
        $row = array_combine($rows[0], $rows[1]);
        $this->assertSame(
            ["'=cmd", 'meter-is-fooled', '5.6', '100', 'aperture', 'hand'],
            [$row['student'], $row['brief'], $row['fNumber'], $row['iso'], $row['mode'], $row['support']],
        );
        $this->assertEqualsWithDelta(1.27, (float) $row['subjectStops'], 0.02);
        $csv = $this->actingAs($world->instructor)
            ->get(route('exports.table', $world->course))
            ->assertOk()
            ->streamedContent();
        $this->assertStringContainsString("'=cmd", $csv);
        $this->assertSame(count($rows[0]), count(str_getcsv(explode("\n", trim($csv))[1], escape: '')));
        $documented = (string) file_get_contents(base_path('docs/formats/export.md'));
        foreach (FrameTable::COLUMNS as $column) {
            $this->assertStringContainsString('`'.$column.'`', $documented);
        }
        $this->assertSame(1, $attempt->number);
    }

    public function test_a_course_as_data_holds_what_was_published_and_no_place(): void
    {
        $world = World::make();
        $attempt = $world->handedIn();
        $this->actingAs($world->instructor)->post(route('notes.store', $attempt->frames->first()), [
            'kind' => 'keep',
            'body' => 'The shelf.',
            'token' => (string) Str::uuid(),
        ]);
        $this->assertSame([], CourseDocument::of($world->course)['attempts'][0]['frames'][0]['notes']);
        $this->post(route('desk.publish', $attempt), ['summary' => 'Well seen.']);

        $document = $this->get(route('exports.document', $world->course))->assertOk()->json();
        $this->assertSame(
            ['true-pupil.course', 2, 'Well seen.', 'The shelf.'],
            [
                $document['format'],
                $document['version'],
                $document['attempts'][0]['summary'],
                $document['attempts'][0]['frames'][0]['notes'][0]['body'],
            ],
        );
        $this->assertDoesNotMatchRegularExpression('/gps|latitude|longitude/i', (string) json_encode($document));
    }

    public function test_a_portfolio_is_one_s_own_and_its_pictures_carry_no_metadata(): void
    {
        $world = World::make();
        $world->handedIn();
        $world->handedIn(Pictures::jpeg(mark: 7), $world->neighbour);
        $file = $this->actingAs($world->student)
            ->get(route('exports.portfolio', $world->course))
            ->assertOk()
            ->getFile()
            ->getPathname();
        $zip = new \ZipArchive();
        $this->assertTrue($zip->open($file));
        $this->assertSame(2, $zip->numFiles, 'the data and the one picture');
        $picture = (string) $zip->getFromIndex(1);
        $this->assertStringStartsWith('meter-is-fooled/attempt-1/pot-', (string) $zip->getNameIndex(1));
        $this->assertStringNotContainsString('Marlpit', $picture);
        $this->assertSame(
            ['Stu Dent'],
            array_unique(
                array_column(json_decode((string) $zip->getFromName('portfolio.json'), true)['attempts'], 'student'),
            ),
        );
        $zip->close();
        File::delete($file);

        $this->get(route('exports.portfolio-of', [$world->course, $world->neighbour]))->assertForbidden();
        $this->get(route('exports.table', $world->course))->assertForbidden();
        $this->get(route('exports.document', $world->course))->assertForbidden();
        $this->actingAs($world->critic)->get(route('exports.document', $world->course))->assertForbidden();
        $this->actingAs($world->instructor)
            ->get(route('exports.portfolio-of', [$world->course, $world->neighbour]))
            ->assertOk();
        $this->get(route('exports.portfolio-of', [$world->course, $world->outsider]))->assertNotFound();
        $this->assertSame(2, Attempt::query()->count());
    }

    public function test_a_student_s_way_is_told_topic_by_topic_with_its_evidence(): void
    {
        $world = World::make();
        $attempt = $world->handedIn(Pictures::jpeg(patch: 118));
        // What has not come back is not the student's yet; the instructor sees it.
        $this->actingAs($world->student)
            ->get(route('skills', $world->course))
            ->assertOk()
            ->assertSee('Nothing has come back yet');
        $record = SkillRecord::of($world->course, $world->student, false);
        $finding = $attempt->frames
            ->first()
            ->findings()
            ->where('current', true)
            ->get()
            ->sortBy(fn (FrameFinding $one): int => $one->severity()->rank())
            ->first();
        $point = $record->point($record->attempts->first(), $finding->topic());
        $this->assertSame([$finding->severity(), $finding->sentence()], [$point?->severity, $point?->sentences[0]]);
        $asked = $record->checks($record->attempts->first())->asked();
        $this->assertSame(count($attempt->frames->first()->checks), $asked);
        // Dismissed, it is no evidence any more.
        FrameFinding::query()->update(['decision' => Decision::Dismissed]);
        $this->assertSame([], SkillRecord::of($world->course, $world->student, false)->topics());
        FrameFinding::query()->update(['decision' => Decision::Accepted]);

        $this->actingAs($world->instructor)->post(route('desk.publish', $attempt));
        $csv = $this->get(route('skills.points', [$world->course, $world->student]))->assertOk()->streamedContent();
        $this->assertStringContainsString('meter-is-fooled,1,'.$finding->topic()->value, $csv);
        $this->get(route('skills.of', [$world->course, $world->student]))->assertOk()->assertSee($finding->sentence());
        $this->get(route('skills.of', [$world->course, $world->critic]))->assertNotFound();
        $this->actingAs($world->student)->get(route('skills', $world->course))->assertSee($finding->sentence());
        $this->get(route('skills.of', [$world->course, $world->student]))->assertForbidden();
        $this->actingAs($world->neighbour)
            ->get(route('skills', $world->course))
            ->assertOk()
            ->assertDontSee($finding->sentence());
    }
}
