<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Imaging\Vips\PixelProgram;
use App\Kits\KitInUse;
use App\Models\RollFrame;
use App\Models\SetBrief;
use App\Models\User;
use App\Practice\Finder;
use App\Practice\FinderPicture;
use App\Practice\FocusTarget;
use App\Practice\Roll;
use App\Practice\Scene;
use App\Practice\SceneRenderer;
use App\Practice\ShotInput;
use App\Practice\ShutterRelease;
use App\View\Presenters\FinderDials;
use App\View\Presenters\FinderView;
use DateTimeImmutable;
use Illuminate\Http\Request;
use Illuminate\Http\Response;
use Illuminate\Support\Collection;
use Illuminate\View\View;
use InvalidArgumentException;

/** The practice camera: its scenes, its finder and the press of the shutter. */
final class PracticeController extends Controller
{
    /** As long as a browser may show a sight again without asking, in seconds. */
    private const SEEN_AGAIN = 60;

    public function __construct(private readonly Roll $roll)
    {
    }

    public function index(Request $request): View
    {
        return view('practice.index', [
            'scenes' => Scene::all(),
            'roll' => $this->frames($this->user($request)),
        ]);
    }

    public function show(Request $request, string $scene): View|Response
    {
        $found = $this->scene($scene);
        $input = $this->input($request);
        $outfits = $this->roll->outfits($this->user($request), $found);
        [$view, $problem] = [null, null];
        try {
            $shot = $input->shot($found, $outfits, new DateTimeImmutable());
            $reading = app(Finder::class)->look($shot);
            $isOptical = $request->query('finder') === 'optical';
            $seen = $isOptical ? app(Finder::class)->look($shot->asSeen())->rendering : $reading->rendering;
            $view = new FinderView(
                $reading,
                FinderPicture::of(app(SceneRenderer::class), app(PixelProgram::class), $seen),
                $isOptical,
                $request->query('magnified') === '1'
                    ? FinderPicture::magnified(app(SceneRenderer::class), $seen, FinderView::MAGNIFIES)
                    : null,
                FocusTarget::mover($shot, $reading->rendering->optics->framing),
            );
        } catch (InvalidArgumentException $problemFound) {
            $problem = $problemFound->getMessage();
        }
        if ($request->header('HX-Request') !== null && $request->header('HX-History-Restore-Request') === null) {
            // What was seen last stays in the finder; only the reason is new.
            return $view === null
                ? response(view('practice.problem', ['problem' => $problem]), 200, [
                    'HX-Retarget' => '#finder-problem',
                    'HX-Reswap' => 'innerHTML',
                ])
                : response(
                    view('practice.sight', ['view' => $view])->render().
                        view('practice.below', ['view' => $view, 'swapped' => true])->render(),
                    200,
                    // The same settings give the same sight: turning back, and what the finder asked for ahead, is
                    // there at once. The kit is in the address.
                    ['Cache-Control' => 'private, max-age='.self::SEEN_AGAIN, 'Vary' => 'HX-Request'],
                );
        }

        return view('practice.show', [
            'kitMark' => substr(hash('xxh128', serialize($outfits->kit)), 0, 8),
            'isLent' => $this->user($request)->kit !== null &&
                KitInUse::of($this->user($request))?->body->name !== $outfits->kit->body->name,
            'scene' => $found,
            'crossing' => $found->motion->crossing,
            'view' => $view,
            'finderKind' => $request->query('finder') === 'optical' ? 'optical' : 'electronic',
            'problem' => $problem,
            'dials' => new FinderDials($found, $outfits, $input),
            'roll' => $this->frames($this->user($request)),
            'briefs' => SetBrief::open($this->user($request)),
        ]);
    }

    /** Asked for apart: nobody waits for it who does not look. */
    public function patterns(Request $request, string $scene): View
    {
        try {
            $found = $this->scene($scene);
            $reading = app(Finder::class)->look(
                $this->input($request)->shot(
                    $found,
                    $this->roll->outfits($this->user($request), $found),
                    new DateTimeImmutable(),
                ),
            );

            return view('practice.patterns', ['verdicts' => $reading->verdicts()]);
        } catch (InvalidArgumentException $problem) {
            return view('practice.problem', ['problem' => $problem->getMessage()]);
        }
    }

    public function press(Request $request, string $scene): Response
    {
        try {
            $taken = $this->roll->press(
                $this->user($request),
                $this->scene($scene),
                $this->input($request),
                ShutterRelease::tryFrom((string) $request->input('drive')) ?? ShutterRelease::Single,
                max(1 / 3, min(2.0, (float) $request->input('step', '1'))),
                // A scene that runs has moved on by itself while the self-timer counted.
                $request->input('runs') === '1' ? 0.0 : max(0.0, min(10.0, (float) $request->input('timer'))),
            );
            $message = $taken->count() === 1 ? 'One frame taken.' : sprintf('%d frames taken.', $taken->count());
        } catch (InvalidArgumentException $problem) {
            return response(view('practice.problem', ['problem' => $problem->getMessage()]), 200, [
                'HX-Retarget' => '#finder-problem',
                'HX-Reswap' => 'innerHTML',
            ]);
        }

        return response(
            view('practice.roll', [
                'roll' => $this->frames($this->user($request)),
                'message' => $message,
                'briefs' => SetBrief::open($this->user($request)),
            ]),
        );
    }

    /** @return Collection<int, RollFrame> */
    private function frames(User $user): Collection
    {
        return RollFrame::query()->where('user_id', $user->id)->orderByDesc('id')->get();
    }

    private function scene(string $id): Scene
    {
        try {
            return Scene::find($id);
        } catch (InvalidArgumentException) {
            abort(404);
        }
    }

    private function input(Request $request): ShotInput
    {
        return new ShotInput($request->input());
    }
}
