<?php

declare(strict_types=1);

namespace App\Retention;

use App\HandIn\UnusedPictures;
use App\HandIn\UploadPieces;
use App\Models\BriefPicture;
use App\Models\Course;
use App\Models\RollFrame;
use App\Models\User;
use App\Practice\RollPictures;
use Illuminate\Support\Facades\DB;

/** Takes away what is no longer needed. Run every hour; run twice it does nothing more. */
final readonly class Cleaning
{
    /** Days that mail which was written down, and notices that were read, are kept. */
    private const DAYS = 60;

    public function __construct(
        private UnusedPictures $unused,
        private DeleteAttempts $attempts,
        private DeleteAccount $accounts,
        private RollPictures $rolls,
        private UploadPieces $uploads,
        private NodeCleaning $node,
    ) {
    }

    /** @return array<string, int> how many went, by what they were */
    public function run(): array
    {
        $accounts = User::query()->where('delete_at', '<=', now())->get();
        $accounts = $accounts->filter(fn (User $user): bool => DeleteAccount::coursesLeftAlone($user)->isEmpty());
        $accounts->each($this->accounts->handle(...));
        $attempts = Course::query()->whereNotNull('keeps_months')->get()->sum($this->attempts->pastTheirTime(...));
        $swept = $this->unused->sweep();

        return [
            'accounts whose time of grace was over' => $accounts->count(),
            'attempts that their course keeps no longer' => (int) $attempts,
            'pictures that nothing shows' => $swept['pictures'],
            'files that belong to no picture' => $swept['files'],
            'uploads that were begun and left' => $this->uploads->sweep(),
            'example pictures of briefs that were never saved' => BriefPicture::query()
                ->whereNull('brief_id')
                ->where('created_at', '<', now()->subDay())
                ->delete(),
            'scratch files' => $this->node->run(),
            'files of rolls that are gone' => $this->rolls(),
            'sessions' => DB::table('sessions')
                ->where('last_activity', '<', now()->subMinutes((int) config('session.lifetime'))->getTimestamp())
                ->delete(),
            'password links' => DB::table('password_reset_tokens')
                ->where('created_at', '<', now()->subMinutes((int) config('auth.passwords.users.expire')))
                ->delete(),
            'new passwords that were asked for' => DB::table('password_requests')
                ->where('ends_at', '<', now()->subDays(self::DAYS))
                ->delete(),
            'invitations to start a course' => DB::table('start_invitations')
                ->where('ends_at', '<', now()->subDays(self::DAYS))
                ->delete(),
            'sign-ins' => DB::table('sign_ins')->where('created_at', '<', now()->subDays(self::DAYS))->delete(),
            'letters' => DB::table('letters')->where('created_at', '<', now()->subDays(self::DAYS))->delete(),
            'notices that were read' => DB::table('notifications')
                ->where('read_at', '<', now()->subDays(self::DAYS))
                ->delete(),
        ];
    }

    private function rolls(): int
    {
        $gone = 0;
        $removed = RollFrame::onlyTrashed()
            ->where('deleted_at', '<', now()->subHours(RollFrame::KEPT_HOURS))
            ->get();
        foreach ($removed as $frame) {
            $frame->forceDelete();
            $this->rolls->forget($frame);
            $gone++;
        }

        return $gone + $this->rolls->sweep();
    }
}
