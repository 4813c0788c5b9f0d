<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\HandIn\PictureStore;
use App\Models\Frame;
use Symfony\Component\HttpFoundation\BinaryFileResponse;

/** The working copy of a frame: upright, sRGB, without any metadata. */
final class FramePictureController extends Controller
{
    public function __invoke(Frame $frame, PictureStore $store): BinaryFileResponse
    {
        $path = $store->workingCopy($frame->picture);
        abort_unless(is_file($path), 404);

        return response()->file($path, ['Content-Type' => 'image/jpeg', 'Cache-Control' => 'private, max-age=86400, immutable']);
    }
}
