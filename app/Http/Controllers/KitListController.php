<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Http\Requests\ChooseBodyRequest;
use App\Http\Requests\KitPictureRequest;
use App\Kits\KitCsv;
use App\Kits\KitInUse;
use App\Kits\OwnBodies;
use App\Kits\TakeOverRecord;
use App\Models\Frame;
use App\Models\User;
use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Request;
use Illuminate\Http\Response;
use Illuminate\Http\UploadedFile;
use InvalidArgumentException;
use TruePupil\Core\Capture\CaptureRecord;
use TruePupil\Core\Capture\RecordReader;
use TruePupil\Core\Capture\UnreadablePicture;
use TruePupil\Core\Kit\BodyKind;

/** One's kit as a table, in and out, its bodies, and what a frame's record adds to it. */
final class KitListController extends Controller
{
    private const LARGEST = 200_000;

    public function export(Request $request): Response
    {
        return response(KitCsv::write($this->user($request)->kit ?? []), 200, [
            'Content-Type' => 'text/csv; charset=utf-8',
            'Content-Disposition' => 'attachment; filename="kit.csv"',
        ]);
    }

    public function import(Request $request): RedirectResponse
    {
        $file = $request->file('table');
        if (! ($file instanceof UploadedFile) || ! $file->isValid() || $file->getSize() > self::LARGEST) {
            return back()->with('problem', 'That is no table of a kit, or it is too large. Your kit is as it was.');
        }
        try {
            ['things' => $things, 'problems' => $problems] = KitCsv::read(
                (string) file_get_contents($file->getRealPath()),
            );
        } catch (InvalidArgumentException $problem) {
            return back()->with('problem', $problem->getMessage().' Your kit is as it was.');
        }
        TakeOverRecord::add($this->user($request), $things);
        $rows = array_map(
            fn (int $row, string $why): string => sprintf('row %d: %s', $row, $why),
            array_keys($problems),
            $problems,
        );

        return redirect()
            ->route('kit.edit')
            ->with(
                'done',
                sprintf(
                    '%d %s read; one of the same name is replaced, all others stay.',
                    count($things),
                    count($things) === 1 ? 'row is' : 'rows are',
                ),
            )
            ->with('problem', $rows === [] ? null : 'Left out: '.implode('; ', array_slice($rows, 0, 20)).'.');
    }

    /** Takes another of one's bodies into use, or one out of the kit. */
    public function body(ChooseBodyRequest $request): RedirectResponse
    {
        $input = $request->validated();
        $kit = $this->user($request)->kit ?? [];
        $this->user($request)->update([
            'kit' => $input['do'] === 'use'
                    ? OwnBodies::using($kit, $input['name'])
                    : OwnBodies::without($kit, $input['name']),
        ]);

        return redirect()
            ->route('kit.edit')
            ->with(
                'done',
                $input['do'] === 'use'
                    ? sprintf('%s is in use now.', $input['name'])
                    : sprintf('%s is out of your kit.', $input['name']),
            );
    }

    /** Body and lens as one of the person's own frames records them. */
    public function fromFrame(Request $request): RedirectResponse
    {
        $frame = Frame::query()
            ->whereHas('attempt', fn ($query) => $query->where('user_id', $this->user($request)->id))
            ->findOrFail((int) $request->input('frame'));

        return $this->takeOver($this->user($request), $frame->record());
    }

    /** Body and lens as a picture of one's own records them; the file itself is not kept. */
    public function fromPicture(KitPictureRequest $request, RecordReader $reader): RedirectResponse
    {
        try {
            $record = $reader->read($request->picture()->getRealPath())->capture;
        } catch (UnreadablePicture $problem) {
            return back()->withErrors(['picture' => $problem->getMessage()]);
        }

        return $this->takeOver($this->user($request), $record);
    }

    private function takeOver(User $user, ?CaptureRecord $record): RedirectResponse
    {
        $lens = $record === null ? null : TakeOverRecord::into($user, $record);
        if ($lens === null) {
            return back()->with(
                'problem',
                'That picture records too little: focal length, its 35 mm equivalent and the aperture are needed. '.
                    'Your kit is as it was.',
            );
        }

        return redirect()->route('kit.edit')->with('done', sprintf(
            '%s is in your kit, as far as the picture tells%s.',
            $lens->name,
            KitInUse::of($user)?->body->kind === BodyKind::Phone
                ? ', on a phone whose app sets time and ISO'
                : ': check its widest aperture and, for a zoom, its range',
        ));
    }
}
