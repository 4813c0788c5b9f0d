<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Field\LogTable;
use App\Field\RollDocument;
use App\Field\TakeLog;
use App\Http\Requests\FieldNotesRequest;
use App\Http\Requests\FileRequest;
use App\Models\FilmRoll;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Response;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Str;
use InvalidArgumentException;

/** The log of a roll of film: from the phone, and as open files, out and in. */
final class FilmLogController extends Controller
{
    public function notes(FieldNotesRequest $request, FilmRoll $filmRoll): JsonResponse
    {
        return $request->keptIn($filmRoll);
    }

    public function table(FilmRoll $filmRoll): Response
    {
        return response(LogTable::write($filmRoll->log()), 200, [
            'Content-Type' => 'text/csv; charset=utf-8',
            'Content-Disposition' => 'attachment; filename="'.self::fileName($filmRoll).'.csv"',
        ]);
    }

    public function document(FilmRoll $filmRoll): JsonResponse
    {
        return response()->json(
            RollDocument::of($filmRoll),
            headers: ['Content-Disposition' => 'attachment; filename="'.self::fileName($filmRoll).'.json"'],
            options: JSON_PRETTY_PRINT | JSON_UNESCAPED_UNICODE | JSON_UNESCAPED_SLASHES,
        );
    }

    /** A log from a table or a document goes into the roll that is here. */
    public function import(FileRequest $request, FilmRoll $filmRoll): RedirectResponse
    {
        try {
            $text = self::text($request);
            ['log' => $log, 'problems' => $problems] = str_starts_with(ltrim($text), '{')
                ? RollDocument::read($text) + ['problems' => []]
                : LogTable::read($text);
        } catch (InvalidArgumentException $problem) {
            return back()->withErrors(['file' => $problem->getMessage().' The log is as it was.']);
        }
        $count = TakeLog::handle($filmRoll, $log);
        $left = array_map(
            fn (int $row, string $why): string => sprintf('row %d: %s', $row, $why),
            array_keys($problems),
            $problems,
        );

        return redirect()
            ->route('film.show', $filmRoll)
            ->with('done', sprintf('%d %s from the file.', $count, $count === 1 ? 'entry is new' : 'entries are new'))
            ->with('problem', $left === [] ? null : 'Left out: '.implode('; ', array_slice($left, 0, 20)));
    }

    /** A document of a roll becomes a roll of its own. */
    public function take(FileRequest $request): RedirectResponse
    {
        try {
            ['content' => $content, 'log' => $log] = RollDocument::read(self::text($request));
        } catch (InvalidArgumentException $problem) {
            return back()->withErrors(['file' => $problem->getMessage().' Nothing was taken from it.']);
        }
        $roll = DB::transaction(function () use ($request, $content, $log): FilmRoll {
            $roll = FilmRoll::query()->create([
                'user_id' => $this->user($request)->id,
                'content' => $content,
            ]);
            TakeLog::handle($roll, $log);

            return $roll;
        });

        return redirect()->route('film.show', $roll)->with('done', 'The roll from the file is yours.');
    }

    /** @throws InvalidArgumentException */
    private static function text(FileRequest $request): string
    {
        return (string) $request->file('file')?->getContent();
    }

    private static function fileName(FilmRoll $roll): string
    {
        return Str::slug($roll->roll()->name) ?: 'roll';
    }
}
