<?php

declare(strict_types=1);

namespace App\Retention;

use App\HandIn\PartialUpload;
use App\HandIn\UnusedPictures;
use App\Models\Course;
use App\Models\RollFrame;
use App\Models\User;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Facades\File;

/** Takes away what is no longer needed. Run every hour; run twice it does nothing more. */
final readonly class Cleaning
{
    /** Days that mail which was written down, and notices that were read, are kept. */
    private const DAYS = 60;

    public function __construct(
        private UnusedPictures $unused,
        private DeleteAttempts $attempts,
        private DeleteAccount $accounts,
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
            'uploads that were begun and left' => PartialUpload::sweep(),
            'scratch files' => $this->scratch(),
            'files of rolls that are gone' => $this->rolls(),
            'sessions' => DB::table('sessions')
                ->where('last_activity', '<', now()->subMinutes((int) config('session.lifetime'))->getTimestamp())
                ->delete(),
            'password links' => DB::table('password_reset_tokens')
                ->where('created_at', '<', now()->subMinutes((int) config('auth.passwords.users.expire')))
                ->delete(),
            'letters' => DB::table('letters')->where('created_at', '<', now()->subDays(self::DAYS))->delete(),
            'notices that were read' => DB::table('notifications')
                ->where('read_at', '<', now()->subDays(self::DAYS))
                ->delete(),
        ];
    }

    /** What a program that was killed has left. */
    private function scratch(): int
    {
        $gone = 0;
        foreach (['scratch'] as $folder) {
            foreach (File::glob(storage_path($folder.'/*')) as $path) {
                $isCache = in_array(basename($path), ['kept', 'readings', 'wholes', 'made'], true);
                if (! $isCache && filemtime($path) < time() - 86400) {
                    is_dir($path) ? File::deleteDirectory($path) : File::delete($path);
                    $gone++;
                }
            }
        }

        return $gone;
    }

    private function rolls(): int
    {
        $gone = 0;
        $removed = RollFrame::onlyTrashed()
            ->where('deleted_at', '<', now()->subHours(RollFrame::KEPT_HOURS))
            ->get();
        foreach ($removed as $frame) {
            $frame->forceDelete();
            $gone++;
        }
        foreach (File::glob(storage_path('app/roll/*/*.jpg')) as $path) {
            $isKnown = DB::table('roll_frames')->where('token', basename($path, '.jpg'))->exists();
            if (! $isKnown && filemtime($path) < time() - 600) {
                File::delete($path);
                $gone++;
            }
        }

        return $gone;
    }
}
