<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Briefs\BriefPictures;
use App\HandIn\WorkingCopies;
use App\Http\Requests\BriefPictureRequest;
use App\Models\BriefPicture;
use App\Models\Course;
use App\Models\Frame;
use App\Models\User;
use Illuminate\Http\Request;
use Illuminate\Http\Response;
use Illuminate\Validation\ValidationException;
use Illuminate\View\View;
use Symfony\Component\HttpFoundation\BinaryFileResponse;
use TruePupil\Core\Capture\UnreadablePicture;

/** Examples beside a brief that is being composed: put there, taken out, shown. */
final class BriefPictureController extends Controller
{
    public function store(BriefPictureRequest $request, Course $course, BriefPictures $pictures): View
    {
        $file = $request->file('example');
        $frame = $pictures->offered($course)->firstWhere('id', $request->integer('example_frame'));
        try {
            $made = match (true) {
                $file instanceof \Illuminate\Http\UploadedFile => $pictures->ofFile($file->getPathname()),
                $frame instanceof Frame => [
                    'frame_id' => $frame->id,
                    'settings' => (string) $frame->record()?->settings(),
                ],
                default => throw ValidationException::withMessages([
                    'example_frame' => 'That frame may no longer be shown. Choose another.',
                ]),
            };
        } catch (UnreadablePicture $problem) {
            throw ValidationException::withMessages(['example' => $problem->getMessage()]);
        }
        $kept = BriefPicture::query()->create([
            ...$made,
            'user_id' => $this->user($request)->id,
            'meets' => $request->boolean('example_meets'),
        ]);

        return $this->list($request, $course, [$kept->id]);
    }

    public function destroy(Request $request, Course $course, BriefPicture $briefPicture): View
    {
        $briefPicture->delete();

        return $this->list($request, $course);
    }

    public function show(
        BriefPicture $briefPicture,
        WorkingCopies $copies,
    ): Response|BinaryFileResponse {
        $headers = ['Content-Type' => 'image/jpeg', 'Cache-Control' => 'private, max-age=3600'];

        return $briefPicture->frame === null
            ? response((string) $briefPicture->data, 200, $headers)
            : response()->file($copies->path($briefPicture->frame->picture), $headers);
    }

    /** @return list<int> what was put beside the brief that is being composed */
    public static function composed(Request $request): array
    {
        return array_values(array_map(intval(...), array_filter((array) $request->input('pictures'), is_numeric(...))));
    }

    /**
     * @param  list<int>  $more
     * @return array<string, mixed> what the page round the list needs
     */
    public static function shown(Request $request, Course $course, User $user, string $brief, array $more = []): array
    {
        $pictures = app(BriefPictures::class);

        return [
            'pictures' => $pictures->own($user, $brief, [...self::composed($request), ...$more]),
            'offered' => $pictures->offered($course),
        ];
    }

    /** @param  list<int>  $more */
    private function list(Request $request, Course $course, array $more = []): View
    {
        return view('composer.pictures', [
            'course' => $course,
            ...self::shown($request, $course, $this->user($request), $request->string('id')->toString(), $more),
        ]);
    }
}
