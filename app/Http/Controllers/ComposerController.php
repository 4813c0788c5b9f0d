<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Briefs\BriefFaults;
use App\Briefs\BriefInput;
use App\Briefs\BriefPack;
use App\Briefs\BriefPictures;
use App\Briefs\CheckPreview;
use App\Briefs\InstructorBriefs;
use App\Briefs\UsualLimits;
use App\Models\Course;
use App\Models\OwnBrief;
use App\Planning\CourseReach;
use App\Practice\Scene;
use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Request;
use Illuminate\Http\Response;
use Illuminate\Support\Facades\View as ViewFactory;
use Illuminate\Support\MessageBag;
use Illuminate\Support\ViewErrorBag;
use Illuminate\View\View;
use TruePupil\Core\Brief\Brief;
use TruePupil\Core\Brief\BriefTopic;
use TruePupil\Core\Brief\InvalidBrief;
use TruePupil\Core\Checks\BriefFormat;

/**
 * Composing a brief: checks built from measures, said in plain sentences, and tried at once on frames of the course.
 */
final class ComposerController extends Controller
{
    public function edit(Request $request, Course $course, InstructorBriefs $ownBriefs, CheckPreview $preview): View
    {
        $from = (string) $request->query('from', '');
        $data = $from === '' ? null : $ownBriefs->data($this->user($request), $from, $course) ?? abort(404);
        $input =
            $data === null
                ? BriefInput::of([
                    'number' => '21',
                    'frames' => '1',
                    'cautions' => 'Ask before you photograph people or their work; for minors, ask whoever is '.
                        'responsible for them.',
                ])
                : BriefInput::fromData($data);
        // A ready brief is copied: its own file stays as it is.
        if ($data !== null && ! $ownBriefs->isOwn($this->user($request), $from)) {
            $input = BriefInput::of([
                ...$this->form($input),
                'id' => '',
                'title' => $input->text('title').' (own version)',
            ]);
        }

        return $this->page($course, $input, $preview, $request, $ownBriefs);
    }

    /** The list of checks with one more or one less, or with the fields that a newly chosen measure wants. */
    public function checks(Request $request, Course $course, InstructorBriefs $ownBriefs): View
    {
        $input = BriefInput::of($request->all());
        $briefs = $ownBriefs->all($this->user($request), $course);
        $copied = $request->has('copy')
            ? $this->checkOf($request->string('from_check')->toString(), $request, $course, $ownBriefs)
            : null;
        $input = match (true) {
            $copied !== null => $input->withCheckOf(...$copied),
            $request->has('add') => $input->withCheck($request->string('add')->toString()),
            $request->has('drop') => $input->withoutCheck($request->integer('drop')),
            default => $input->withUsualWhereChanged((array) $request->input('was', [])),
        };

        return view('composer.checks', [
            'course' => $course,
            'input' => $input,
            'briefs' => $briefs,
            'usual' => new UsualLimits($briefs),
        ]);
    }

    /**
     * A check of another brief that was asked for as "brief/check".
     *
     * @return ?array{array<string, mixed>, string} as its file has it, and that brief's title
     */
    private function checkOf(string $asked, Request $request, Course $course, InstructorBriefs $ownBriefs): ?array
    {
        [$brief, $id] = explode('/', $asked, 2) + [1 => ''];
        $data = $ownBriefs->data($this->user($request), $brief, $course);
        foreach ($data['checks'] ?? [] as $check) {
            if (($check['id'] ?? null) === $id) {
                return [$check, (string) ($data['title'] ?? '')];
            }
        }

        return null;
    }

    public function try(Request $request, Course $course, CheckPreview $preview): View
    {
        return view('composer.trial', [
            'course' => $course,
            ...$this->trial($course, BriefInput::of($request->all()), $preview),
        ]);
    }

    public function store(
        Request $request,
        Course $course,
        InstructorBriefs $ownBriefs,
        CheckPreview $preview,
        BriefPictures $pictures,
    ): RedirectResponse|Response {
        $input = BriefInput::of($request->all());
        $id =
            $input->text('id') !== '' && $ownBriefs->isOwn($this->user($request), $input->text('id'))
                ? $input->text('id')
                : $ownBriefs->freeId($this->user($request), $input->text('title'));
        $faults = BriefFaults::of($input);
        try {
            if ($faults === []) {
                $input->brief($id);
            }
        } catch (InvalidBrief $problem) {
            return response($this->page($course, $input, $preview, $request, $ownBriefs, $problem->getMessage()), 422);
        }
        if ($faults !== []) {
            // Shared, so that the page round the form has them too.
            ViewFactory::share('errors', (new ViewErrorBag())->put('default', new MessageBag($faults)));

            return response($this->page($course, $input, $preview, $request, $ownBriefs), 422);
        }
        $brief = $ownBriefs->keep($this->user($request), $input->data($id));
        $pictures->attach($this->user($request), $brief->id, BriefPictureController::composed($request));

        return redirect()
            ->route('set-briefs.create', $course)
            ->with(
                'done',
                sprintf(
                    '"%s" is saved as revision %d. Briefs that were set before stay as they are.',
                    $brief->words->title,
                    $brief->revision,
                ),
            );
    }

    /** Every revision of an own brief. */
    public function revisions(Request $request, Course $course, string $brief): View
    {
        $revisions = OwnBrief::query()
            ->where('user_id', $this->user($request)->id)
            ->where('brief_id', $brief)
            ->orderByDesc('revision')
            ->get();
        abort_if($revisions->isEmpty(), 404);

        return view('composer.revisions', [
            'course' => $course,
            'revisions' => $revisions,
            'briefs' => ($briefs = $revisions->map(fn (OwnBrief $own): Brief => BriefFormat::read($own->brief))),
            'latest' => $briefs->first(),
        ]);
    }

    /** Chosen briefs as a pack. */
    public function export(Request $request, Course $course, InstructorBriefs $ownBriefs): Response|RedirectResponse
    {
        $briefs = array_values(
            array_filter(
                array_map(
                    fn (mixed $id): ?array => is_string($id)
                        ? $ownBriefs->data($this->user($request), $id, $course)
                        : null,
                    (array) $request->query('brief', []),
                ),
            ),
        );
        if ($briefs === []) {
            return back()->with('problem', 'Tick the briefs that should travel.');
        }

        return response(BriefPack::of($course->name, $briefs)->toJson(), 200, [
            'Content-Type' => 'application/json',
            'Content-Disposition' => 'attachment; filename="briefs.json"',
        ]);
    }

    private function page(
        Course $course,
        BriefInput $input,
        CheckPreview $preview,
        Request $request,
        InstructorBriefs $ownBriefs,
        ?string $problem = null,
    ): View {
        $briefs = $ownBriefs->all($this->user($request), $course);

        return view('composer.edit', [
            'course' => $course,
            'briefs' => $briefs,
            'usual' => new UsualLimits($briefs),
            'topics' => BriefTopic::cases(),
            'input' => $input,
            'problem' => $problem,
            'scenes' => Scene::all(),
            ...BriefPictureController::shown($request, $course, $this->user($request), $input->text('id')),
            'isOwn' => $ownBriefs->isOwn($this->user($request), $input->text('id')),
            ...$this->trial($course, $input, $preview, $problem === null),
        ]);
    }

    /**
     * @return array{
     *     brief: ?\TruePupil\Core\Brief\Brief,
     *     wrong: ?string,
     *     tried: list<array<string, mixed>>,
     *     reach?: CourseReach,
     * }
     */
    private function trial(Course $course, BriefInput $input, CheckPreview $preview, bool $says = true): array
    {
        try {
            // What is not filled in yet is no reason not to try the checks.
            $draft = BriefInput::of([
                ...$this->form($input),
                'title' => $input->text('title') ?: 'Draft',
                'purpose' => $input->text('purpose') ?: 'Draft.',
                'number' => $input->text('number') ?: '1',
                'frames' => $input->text('frames') ?: '1',
                'checks' => array_map(
                    fn (array $check): array => [...$check, 'reason' => $check['reason'] ?: 'Draft.'],
                    $input->checks,
                ),
            ]);
            $brief = $draft->brief('draft');
        } catch (InvalidBrief $problem) {
            return ['brief' => null, 'wrong' => $says ? $problem->getMessage() : null, 'tried' => []];
        }

        return [
            'brief' => $brief,
            'wrong' => null,
            'tried' => $preview->run($brief, $course),
            'reach' => CourseReach::of($course, $brief),
        ];
    }

    /** @return array<string, mixed> */
    private function form(BriefInput $input): array
    {
        return [
            ...$input->texts,
            'decisions' => $input->decisions,
            'placements' => $input->placements,
            'rows' => $input->rows,
            'checks' => $input->checks,
            'kit' => $input->kit,
        ];
    }
}
