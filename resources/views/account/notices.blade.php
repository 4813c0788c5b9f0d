<x-layout title="Notices">
    <div class="title-row">
        <h1>Notices</h1>
        @if ($hasUnread)
            <form method="post" action="{{ route('notices.read') }}" data-once>@csrf<button>Mark all as
                    read</button></form>
        @endif
    </div>
    @if ($notices->isEmpty())
        <div class="sheet">
            <p>Nothing has happened yet. Briefs that are set, critiques that come back and answers are told here.</p>
        </div>
    @endif
    <ul class="plain-list notices">
        @foreach ($notices as $notice)
            <li @class(['sheet', 'notice-new' => $notice->read_at === null])>
                <form method="post" action="{{ route('notices.open', $notice->id) }}">@csrf
                    <p>{{ $notice->data['sentence'] }}<br><span
                            class="fine">{{ App\Models\Moments::write($notice->created_at, 'UTC', 'D MMM, HH:mm') }}
                            @if ($notice->read_at === null)
                                · new
                            @endif
                        </span></p>
                    <button>{{ $notice->data['label'] }}</button>
                </form>
            </li>
        @endforeach
    </ul>
    <x-pages :page="$notices->currentPage()" :pages="$notices->lastPage()" :route="route('notices')" />
</x-layout>
