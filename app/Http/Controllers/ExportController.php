<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Accounts\AccountLog;
use App\Courses\Roles;
use App\Models\Course;
use App\Models\Role;
use App\Models\User;
use App\Trail\Trail;
use App\Trail\TrailEvent;
use App\Transfer\CourseDocument;
use App\Transfer\FrameTable;
use App\Transfer\Portfolio;
use Illuminate\Http\Request;
use Illuminate\Http\Response;
use Illuminate\Support\Facades\File;
use Illuminate\Support\Str;
use Symfony\Component\HttpFoundation\BinaryFileResponse;
use Symfony\Component\HttpFoundation\StreamedResponse;

/** What leaves the application: tables, plain data, and a student's own portfolio. */
final class ExportController extends Controller
{
    public function __construct(private readonly Roles $roles)
    {
    }

    public function table(Request $request, Course $course): StreamedResponse
    {
        $this->exported($request, $course, 'frames as CSV');

        return response()->streamDownload(
            function () use ($course): void {
                $out = fopen('php://output', 'w') ?: throw new \RuntimeException('No output.');
                foreach (FrameTable::rows($course) as $row) {
                    fputcsv($out, $row, escape: '');
                }
            },
            Str::slug($course->name).'-frames.csv',
            ['Content-Type' => 'text/csv; charset=utf-8'],
        );
    }

    public function document(Request $request, Course $course): Response
    {
        $this->exported($request, $course, 'the course as JSON');

        return response(
            (string) json_encode(
                CourseDocument::of($course),
                JSON_PRETTY_PRINT | JSON_UNESCAPED_UNICODE | JSON_UNESCAPED_SLASHES | JSON_INVALID_UTF8_SUBSTITUTE,
            ),
            200,
            [
                'Content-Type' => 'application/json',
                'Content-Disposition' => 'attachment; filename="'.Str::slug($course->name).'.json"',
            ],
        );
    }

    /** One's own. */
    public function portfolio(Request $request, Course $course, Portfolio $portfolio): BinaryFileResponse
    {
        return $this->zip($course, $this->user($request), $portfolio);
    }

    /** A student's, for whoever teaches the course. */
    public function portfolioOf(
        Request $request,
        Course $course,
        User $user,
        Portfolio $portfolio,
    ): BinaryFileResponse {
        abort_unless($this->roles->in($course, $user) === Role::Student, 404);
        $this->exported($request, $course, 'a portfolio', $user);

        return $this->zip($course, $user, $portfolio);
    }

    private function zip(Course $course, User $student, Portfolio $portfolio): BinaryFileResponse
    {
        File::ensureDirectoryExists(storage_path('scratch'));
        $path = storage_path('scratch/portfolio-'.bin2hex(random_bytes(6)).'.zip');
        $portfolio->write($course, $student, $path);

        return response()
            ->download($path, Str::slug($student->name).'.zip', ['Content-Type' => 'application/zip'])
            ->deleteFileAfterSend();
    }

    private function exported(Request $request, Course $course, string $what, ?User $whose = null): void
    {
        Trail::note($course, $this->user($request), TrailEvent::Exported, $what, $whose);
        AccountLog::note('Exported: '.$what, $this->user($request)->id, $request);
    }
}
