<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Models\AttemptStep;
use App\Models\Frame;
use App\Practice\Retake;
use Illuminate\Http\Request;
use Illuminate\Http\Response;
use InvalidArgumentException;

/** The same moment of the practice camera at the settings that were suggested. */
final class RetakeController extends Controller
{
    public function __invoke(Request $request, Frame $frame, int $number, Retake $retake): Response
    {
        // What the instructor is still turning over is not the student's yet.
        abort_if(
            $number === Frame::INSTRUCTOR_SUGGESTION &&
                ! $frame->attempt->state->allows(AttemptStep::ReadReturn) &&
                $this->user($request)->cannot('critique', $frame),
            404,
        );
        try {
            return response($retake->jpeg($frame, $number), 200, [
                'Content-Type' => 'image/jpeg',
                'Cache-Control' => 'private, max-age=600',
            ]);
        } catch (InvalidArgumentException) {
            abort(404);
        }
    }
}
