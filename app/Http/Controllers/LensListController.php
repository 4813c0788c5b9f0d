<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Kit\LensCsv;
use App\Models\Frame;
use App\Models\User;
use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Request;
use Illuminate\Http\Response;
use Illuminate\Http\UploadedFile;
use InvalidArgumentException;
use TruePupil\Core\Kit\Lens;
use TruePupil\Core\Kit\RecordKit;

/** The lenses of one's kit as a table, in and out, and what a frame's record adds to them. */
final class LensListController extends Controller
{
    private const LARGEST = 200_000;

    public function export(Request $request): Response
    {
        return response(LensCsv::write($request->user()->kitInUse()->lenses ?? []), 200, ['Content-Type' => 'text/csv; charset=utf-8', 'Content-Disposition' => 'attachment; filename="lenses.csv"']);
    }

    public function import(Request $request): RedirectResponse
    {
        $file = $request->file('lenses');
        if (! $file instanceof UploadedFile || ! $file->isValid() || $file->getSize() > self::LARGEST) {
            return back()->with('problem', 'That is no table of lenses, or it is too large. Your kit is as it was.');
        }
        try {
            ['lenses' => $lenses, 'problems' => $problems] = LensCsv::read((string) file_get_contents($file->getRealPath()));
        } catch (InvalidArgumentException $problem) {
            return back()->with('problem', $problem->getMessage().' Your kit is as it was.');
        }
        $this->add($request->user(), $lenses);
        $rows = array_map(fn (int $row, string $why): string => sprintf('row %d: %s', $row, $why), array_keys($problems), $problems);

        return redirect()->route('kit.edit')->with('done', sprintf('%d lenses read; one of the same name is replaced, all others stay.', count($lenses)))
            ->with('problem', $rows === [] ? null : 'Left out: '.implode('; ', array_slice($rows, 0, 20)).'.');
    }

    /** Body and lens as one of the person's own frames records them. */
    public function fromFrame(Request $request): RedirectResponse
    {
        $frame = Frame::query()->whereHas('attempt', fn ($query) => $query->where('user_id', $request->user()->id))->findOrFail((int) $request->input('frame'));
        $record = $frame->record();
        $kit = $record === null ? null : RecordKit::of($record);
        if ($kit === null) {
            return back()->with('problem', 'That frame records too little: focal length, its 35 mm equivalent and the aperture are needed.');
        }
        $user = $request->user();
        if ($user->kit === null) {
            $user->kit = ['body' => ['name' => $kit->body->name, 'format' => $kit->body->format->width.'x'.$kit->body->format->height], 'lenses' => [], 'supports' => ['hand']];
        }
        $this->add($user, $kit->lenses);

        return redirect()->route('kit.edit')->with('done', sprintf('%s is in your kit, as far as the frame tells: check its widest aperture and, for a zoom, its range.', $kit->lenses[0]->name));
    }

    /** @param  list<Lens>  $lenses */
    private function add(User $user, array $lenses): void
    {
        $kit = $user->kit ?? ['body' => ['name' => 'My body', 'format' => '36x24'], 'supports' => ['hand']];
        $named = array_column($kit['lenses'] ?? [], null, 'name');
        foreach ($lenses as $lens) {
            $named[$lens->name] = get_object_vars($lens);
        }
        $user->update(['kit' => [...$kit, 'lenses' => array_values($named)]]);
    }
}
