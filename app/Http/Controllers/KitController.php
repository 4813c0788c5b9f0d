<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Calculators\Sheets;
use App\Http\Requests\KitRequest;
use App\View\Models\KitForm;
use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Request;
use Illuminate\View\View;

/** A person's own kit, which every critique and every suggestion then counts with. */
final class KitController extends Controller
{
    public function edit(Request $request): View
    {
        return view('kit.edit', ['form' => KitForm::of($request->user()->kitInUse()), 'formats' => Sheets::format()->choices, 'isNew' => $request->user()->kit === null]);
    }

    public function update(KitRequest $request): RedirectResponse
    {
        $request->user()->update(['kit' => $request->kit()]);

        return redirect()->route('kit.edit')->with('done', 'Your kit is kept. The next frame that is checked counts with it.');
    }
}
