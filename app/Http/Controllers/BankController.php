<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Http\Requests\BankRequest;
use App\Models\SettingsBank;
use App\View\Presenters\BankCard;
use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Request;
use Illuminate\View\View;
use TruePupil\Core\Bank\BankKind;

/** A person's settings banks: stored starting points, what their own lenses make of them, and cards for the pocket. */
final class BankController extends Controller
{
    public function index(Request $request): View
    {
        return view('banks.index', ['cards' => $this->cards($request), 'kinds' => BankKind::cases()]);
    }

    public function create(Request $request): View
    {
        $kind = BankKind::tryFrom((string) $request->query('kind')) ?? BankKind::Street;

        return view('banks.edit', ['bank' => $kind->start(), 'stored' => null]);
    }

    public function store(BankRequest $request): RedirectResponse
    {
        SettingsBank::query()->create(['user_id' => $request->user()->id, 'bank' => $request->bank()]);

        return redirect()->route('banks')->with('done', 'The bank is kept.');
    }

    public function edit(SettingsBank $bank): View
    {
        return view('banks.edit', ['bank' => $bank->content(), 'stored' => $bank]);
    }

    public function update(BankRequest $request, SettingsBank $bank): RedirectResponse
    {
        $bank->update(['bank' => $request->bank()]);

        return redirect()->route('banks')->with('done', 'The bank is changed.');
    }

    public function destroy(SettingsBank $bank): RedirectResponse
    {
        $name = $bank->content()->name;
        $bank->delete();

        return redirect()->route('banks')->with('done', sprintf('"%s" is gone.', $name));
    }

    public function print(Request $request): View
    {
        return view('banks.print', ['cards' => $this->cards($request)]);
    }

    /** @return list<BankCard> */
    private function cards(Request $request): array
    {
        $kit = $request->user()->kitInUse();

        return array_values(
            SettingsBank::query()
                ->where('user_id', $request->user()->id)
                ->orderBy('id')
                ->get()
                ->map(fn (SettingsBank $bank): BankCard => new BankCard($bank->id, $bank->content(), $kit))
                ->all(),
        );
    }
}
