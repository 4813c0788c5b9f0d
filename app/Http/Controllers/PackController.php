<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Briefs\BriefPack;
use App\Briefs\InstructorBriefs;
use App\Models\Course;
use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Request;
use Illuminate\Http\UploadedFile;
use Illuminate\View\View;
use TruePupil\Core\Brief\InvalidBrief;

/** Packs of briefs read in on screen: checked, shown, and only then kept. Nothing is overwritten. */
final class PackController extends Controller
{
    public function preview(Request $request, Course $course, InstructorBriefs $ownBriefs): View|RedirectResponse
    {
        $file = $request->file('pack');
        $json =
            $file instanceof UploadedFile && $file->isValid() ? (string) file_get_contents($file->getRealPath()) : '';
        if ($json === '') {
            return back()->with('problem', 'Choose a pack file first: JSON, up to 2 MB.');
        }
        try {
            $pack = BriefPack::read($json);
        } catch (InvalidBrief $problem) {
            return back()->with(
                'problem',
                'This pack cannot be read. '.$problem->getMessage().' Nothing was kept of it.',
            );
        }
        $request->session()->put('pack', $json);

        return view('composer.pack', [
            'course' => $course,
            'title' => $pack->title,
            'briefs' => $pack->contents(),
            'there' => $this->there($pack, $request, $ownBriefs),
        ]);
    }

    public function store(Request $request, Course $course, InstructorBriefs $ownBriefs): RedirectResponse
    {
        $json = $request->session()->pull('pack');
        if (! is_string($json)) {
            return redirect()
                ->route('set-briefs.create', $course)
                ->with('problem', 'The pack is no longer here; choose its file again.');
        }
        $pack = BriefPack::read($json);
        [$there, $chosen, $kept] = [$this->there($pack, $request, $ownBriefs), (array) $request->input('brief', []), 0];
        foreach ($pack->briefs as $data) {
            if (! in_array($data['id'], $there, true) && in_array($data['id'], $chosen, true)) {
                $ownBriefs->keep($this->user($request), $data);
                $kept++;
            }
        }

        return redirect()
            ->route('set-briefs.create', $course)
            ->with(
                'done',
                sprintf(
                    '%d %s kept, %d left alone.',
                    $kept,
                    $kept === 1 ? 'brief is' : 'briefs are',
                    count($pack->briefs) - $kept,
                ),
            );
    }

    /** @return list<string> ids that are taken */
    private function there(BriefPack $pack, Request $request, InstructorBriefs $ownBriefs): array
    {
        return array_values(
            array_filter(
                array_column($pack->briefs, 'id'),
                fn (string $id): bool => $ownBriefs->data($this->user($request), $id) !== null,
            ),
        );
    }
}
