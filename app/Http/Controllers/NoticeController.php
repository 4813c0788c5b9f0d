<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Http\Requests\SeenRequest;
use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Request;
use Illuminate\Http\Response;
use Illuminate\View\View;

/** What somebody has been told. */
final class NoticeController extends Controller
{
    private const PAGE = 30;

    public function index(Request $request): View
    {
        return view('account.notices', [
            'notices' => $this->user($request)->notifications()->paginate(self::PAGE),
            'hasUnread' => $this->user($request)->unreadNotifications()->exists(),
        ]);
    }

    /** Follows a notice, which is then read. */
    public function open(Request $request, string $notice): RedirectResponse
    {
        $found = $this->user($request)->notifications()->findOrFail($notice);
        $found->markAsRead();
        $path = (string) ($found->data['path'] ?? '/');

        return redirect()->to(str_starts_with($path, '/') && ! str_starts_with($path, '//') ? $path : '/');
    }

    /** Asked for by a page itself when it is shown: what told of it is read with it. */
    public function seen(SeenRequest $request): Response
    {
        $path = $request->validated()['path'];
        $this->user($request)->unreadNotifications()->where('data->path', $path)->update(['read_at' => now()]);

        return response()->noContent();
    }

    public function readAll(Request $request): RedirectResponse
    {
        $this->user($request)->unreadNotifications()->update(['read_at' => now()]);

        return redirect()->route('notices')->with('done', 'All of them are read.');
    }
}
