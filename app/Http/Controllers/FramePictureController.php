<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\HandIn\SmallCopies;
use App\HandIn\WorkingCopies;
use App\Models\Frame;
use Illuminate\Http\RedirectResponse;
use Symfony\Component\HttpFoundation\BinaryFileResponse;

/** The working copy of a frame: upright, sRGB, without any metadata. */
final class FramePictureController extends Controller
{
    public function __invoke(Frame $frame, WorkingCopies $copies): BinaryFileResponse|RedirectResponse
    {
        $address = $copies->address($frame->picture);

        // The store sends it itself; the address is known to nobody else, and only for a while.
        return $address === null
            ? $this->file($copies->path($frame->picture))
            : redirect()->away($address)->header(
                'Cache-Control',
                sprintf('private, max-age=%d', intdiv(WorkingCopies::ADDRESS_SECONDS, 2)),
            );
    }

    /** As on a contact sheet. */
    public function small(Frame $frame, SmallCopies $copies): BinaryFileResponse
    {
        return $this->file($copies->path($frame->picture));
    }

    /** With every pixel, for looking closely. */
    public function whole(Frame $frame, WorkingCopies $copies): BinaryFileResponse
    {
        return $this->file($copies->whole($frame->picture));
    }

    private function file(string $path): BinaryFileResponse
    {
        return response()->file($path, [
            'Content-Type' => 'image/jpeg',
            'Cache-Control' => 'private, max-age=86400, immutable',
        ]);
    }
}
