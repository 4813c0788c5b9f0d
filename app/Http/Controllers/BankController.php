<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Http\Requests\BankRequest;
use App\Kits\KitInUse;
use App\Models\SettingsBank;
use App\View\Presenters\BankCard;
use App\View\Presenters\BankForm;
use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Request;
use Illuminate\View\View;
use TruePupil\Core\Bank\Bank;
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
        // Another version of a bank of one's own starts from it.
        $from = SettingsBank::query()
            ->where('user_id', $this->user($request)->id)
            ->find((int) $request->query('from'));

        return view('banks.edit', $this->form($from?->content() ?? $kind->start()));
    }

    public function store(BankRequest $request): RedirectResponse
    {
        SettingsBank::query()->create(['user_id' => $this->user($request)->id, 'bank' => $request->bank()]);

        return redirect()->route('banks')->with('done', 'The bank is kept.');
    }

    public function edit(SettingsBank $bank): View
    {
        return view('banks.edit', $this->form($bank->content(), $bank));
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
        $kit = KitInUse::of($this->user($request));

        return array_values(
            SettingsBank::query()
                ->where('user_id', $this->user($request)->id)
                ->orderBy('id')
                ->get()
                ->map(fn (SettingsBank $bank): BankCard => new BankCard($bank->id, $bank->content(), $kit))
                ->all(),
        );
    }

    /** @return array{bank: Bank, form: BankForm, stored: ?SettingsBank} */
    private function form(Bank $bank, ?SettingsBank $stored = null): array
    {
        return ['bank' => $bank, 'form' => new BankForm($bank), 'stored' => $stored];
    }
}
