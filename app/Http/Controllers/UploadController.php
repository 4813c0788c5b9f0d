<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\HandIn\AddPicture;
use App\HandIn\HandInRefused;
use App\HandIn\PartialUpload;
use App\HandIn\UploadPieces;
use App\Http\Requests\UploadRequest;
use App\Models\SetBrief;
use Illuminate\Http\JsonResponse;
use Symfony\Component\HttpFoundation\File\Exception\UploadException;
use TruePupil\Core\Capture\UnreadablePicture;

/** A file that is handed in piece by piece. The name, size and date of the file come with every piece. */
final class UploadController extends Controller
{
    private const NO_ROOM = 'The file could not be stored on our side: the disk takes no more. What has arrived of it '.
        'is kept for a day; tell whoever runs this installation.';

    /** How much of a file has arrived already, and how large a piece may be. */
    public function show(UploadRequest $request, SetBrief $setBrief): JsonResponse
    {
        $upload = $this->upload($request, $setBrief);

        return $upload instanceof JsonResponse
            ? $upload
            : response()->json(['received' => $upload->received(), 'piece' => PartialUpload::PIECE]);
    }

    public function store(UploadRequest $request, SetBrief $setBrief, AddPicture $addPicture): JsonResponse
    {
        $upload = $this->upload($request, $setBrief);
        if ($upload instanceof JsonResponse) {
            return $upload;
        }
        $piece = $request->getContent();
        // A disk without room swallows what PHP sets aside.
        if ($piece === '' && (int) $request->header('Content-Length') > 0) {
            return $this->noRoom();
        }
        if (strlen($piece) > PartialUpload::PIECE) {
            return response()->json(['message' => 'The piece is larger than what is taken at once.'], 422);
        }
        try {
            $received = $upload->add($request->integer('offset'), $piece);
            if ($received < $upload->size) {
                return response()->json(['received' => $received]);
            }
            $added = $addPicture->handle(
                $setBrief,
                $this->user($request),
                $upload->path(),
                $request->string('name')->toString(),
                $request->string('row')->toString() ?: null,
            );
        } catch (UploadException) {
            return $this->noRoom();
        } catch (UnreadablePicture|HandInRefused $problem) {
            $upload->forget();

            return response()->json(['message' => $problem->getMessage()], 422);
        }
        $upload->forget();

        return response()->json(
            [
                'frame' => route('frames.edit', $added->frame),
                'attempt' => route('attempts.show', $added->frame->attempt_id),
                'said' => $added->notice(),
            ],
            $added->isNew ? 201 : 200,
        );
    }

    private function upload(UploadRequest $request, SetBrief $setBrief): PartialUpload|JsonResponse
    {
        $input = $request->validated();
        $most = (int) config('pupil.upload.megabytes');
        if ((int) $input['size'] === 0) {
            return response()->json(['message' => 'The file is empty. Nothing was kept of it.'], 422);
        }
        if ((int) $input['size'] > $most * 1_000_000) {
            return response()->json(
                [
                    'message' => sprintf(
                        'The file is larger than the %d MB taken here. Nothing was kept of it; hand in a smaller '.
                            'export.',
                        $most,
                    ),
                ],
                422,
            );
        }
        try {
            return app(UploadPieces::class)->of(
                $this->user($request),
                $setBrief,
                $input['name'],
                (int) $input['size'],
                (int) $input['modified'],
            );
        } catch (HandInRefused $problem) {
            return response()->json(['message' => $problem->getMessage()], 422);
        } catch (UploadException) {
            return $this->noRoom();
        }
    }

    private function noRoom(): JsonResponse
    {
        return response()->json(['message' => self::NO_ROOM], 507);
    }
}
