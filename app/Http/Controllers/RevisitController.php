<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Http\Requests\CompareRevisitRequest;
use App\Http\Requests\RevisitRequest;
use App\Models\Frame;
use App\Models\Revisit;
use App\View\Presenters\RevisitView;
use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Request;
use Illuminate\Http\Response;
use Illuminate\View\View;
use Sabre\VObject\Component\VCalendar;

/** A picture to go back for: what it takes, the days on which that can be, and both frames side by side. */
final class RevisitController extends Controller
{
    public function edit(Frame $frame): View
    {
        return view('revisits.edit', ['view' => RevisitView::of($frame)]);
    }

    public function update(RevisitRequest $request, Frame $frame): RedirectResponse
    {
        Revisit::query()->updateOrCreate(
            ['frame_id' => $frame->id, 'user_id' => $this->user($request)->id],
            ['wish' => $request->wish()],
        );

        return redirect()->to(route('revisits.edit', $frame).'#days')->with('done', 'Kept.');
    }

    public function destroy(Request $request, Frame $frame): RedirectResponse
    {
        $this->own($request, $frame)?->delete();

        return redirect()->route('revisits.edit', $frame)->with('done', 'You no longer mean to go back for it.');
    }

    /** Which frame came of it. */
    public function compare(CompareRevisitRequest $request, Frame $frame): RedirectResponse
    {
        $input = $request->validated();
        $again = RevisitView::of($frame)->later()->firstWhere('id', (int) ($input['again'] ?? 0));
        $this->own($request, $frame)?->update(['again_frame_id' => $again?->id]);

        return redirect()->to(route('revisits.edit', $frame).'#both');
    }

    /** The days as iCalendar (RFC 5545), or one of them. */
    public function calendar(Request $request, Frame $frame): Response
    {
        $view = RevisitView::of($frame);
        $chances = $view->chances;
        $only = $request->query('day');
        $host = (string) parse_url((string) config('app.url'), PHP_URL_HOST);
        $calendar = new VCalendar(['PRODID' => '-//True Pupil//Going back//EN']);
        foreach ($chances as $index => $chance) {
            if (is_numeric($only) && (int) $only !== $index) {
                continue;
            }
            $calendar->add('VEVENT', [
                'UID' => sprintf('again-%d-%s@%s', $frame->id, $chance->from->format('Ymd'), $host),
                'SUMMARY' => sprintf('Go back: %s', $frame->attempt->content()->words->title),
                'DESCRIPTION' => trim(sprintf('%s. %s %s', $view->sky($chance), $view->beside(), $view->wish->word)),
                'URL' => route('revisits.edit', $frame),
                'DTSTART' => $chance->from->setTimezone(new \DateTimeZone('UTC')),
                'DTEND' => $chance->to->setTimezone(new \DateTimeZone('UTC')),
                'DTSTAMP' => now()->utc()->toDateTimeImmutable(),
            ]);
        }

        return response($calendar->serialize(), 200, [
            'Content-Type' => 'text/calendar; charset=utf-8',
            'Content-Disposition' => 'attachment; filename="go-back.ics"',
        ]);
    }

    private function own(Request $request, Frame $frame): ?Revisit
    {
        return Revisit::query()
            ->where('frame_id', $frame->id)
            ->where('user_id', $this->user($request)->id)
            ->first();
    }
}
