<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Field\DayDocument;
use App\Field\ReadySettings;
use App\Http\Requests\DaySheetRequest;
use App\Http\Requests\FieldNotesRequest;
use App\Http\Requests\FileRequest;
use App\Models\DaySheet;
use App\Models\SetBrief;
use App\View\Presenters\DayView;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Request;
use Illuminate\View\View;
use InvalidArgumentException;

/** The sheet of a day out: written at home, ticked on the phone. */
final class DayController extends Controller
{
    public function show(Request $request, SetBrief $setBrief): View|RedirectResponse
    {
        $sheet = DaySheet::for($setBrief, $this->user($request));

        return $sheet->exists
            ? view('days.show', ['view' => DayView::of($sheet)])
            : redirect()->route('days.edit', $setBrief);
    }

    public function edit(Request $request, SetBrief $setBrief): View
    {
        $user = $this->user($request);

        return view('days.edit', [
            'sheet' => DaySheet::for($setBrief, $user),
            'settings' => ReadySettings::of($setBrief, $user),
        ]);
    }

    public function update(DaySheetRequest $request, SetBrief $setBrief): RedirectResponse
    {
        $this->keep($request, $setBrief, $request->content());

        return redirect()->route('days.show', $setBrief)->with('done', 'The sheet is kept.');
    }

    public function destroy(Request $request, SetBrief $setBrief): RedirectResponse
    {
        DaySheet::for($setBrief, $this->user($request))->delete();

        return redirect()->route('set-briefs.show', $setBrief)->with('done', 'The sheet and its notes are gone.');
    }

    public function notes(FieldNotesRequest $request, SetBrief $setBrief): JsonResponse
    {
        $sheet = DaySheet::for($setBrief, $this->user($request));
        abort_unless($sheet->exists, 404);

        return $request->keptIn($sheet);
    }

    public function document(Request $request, SetBrief $setBrief): JsonResponse
    {
        $sheet = DaySheet::for($setBrief, $this->user($request));
        abort_unless($sheet->exists, 404);

        return response()->json(
            DayDocument::of($sheet),
            headers: ['Content-Disposition' => 'attachment; filename="day-sheet.json"'],
            options: JSON_PRETTY_PRINT | JSON_UNESCAPED_UNICODE | JSON_UNESCAPED_SLASHES,
        );
    }

    public function import(FileRequest $request, SetBrief $setBrief): RedirectResponse
    {
        $file = $request->file('file');
        try {
            $content = DayDocument::read((string) $file?->getContent());
        } catch (InvalidArgumentException $problem) {
            return back()->withErrors(['file' => $problem->getMessage().' The sheet is as it was.']);
        }
        $this->keep($request, $setBrief, $content);

        return redirect()->route('days.show', $setBrief)->with('done', 'The sheet from the file is kept.');
    }

    /** @param  array<string, mixed>  $content */
    private function keep(Request $request, SetBrief $setBrief, array $content): void
    {
        $sheet = DaySheet::for($setBrief, $this->user($request));
        $sheet->content = $content;
        $sheet->save();
    }
}
