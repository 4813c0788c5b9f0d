<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Models\Frame;
use App\PracticeCamera\Retake;
use Illuminate\Http\Response;
use InvalidArgumentException;

/** The same moment of the practice camera at the settings that were suggested. */
final class RetakeController extends Controller
{
    public function __invoke(Frame $frame, int $number, Retake $retake): Response
    {
        try {
            return response($retake->jpeg($frame, $number), 200, ['Content-Type' => 'image/jpeg', 'Cache-Control' => 'private, max-age=600']);
        } catch (InvalidArgumentException) {
            abort(404);
        }
    }
}
