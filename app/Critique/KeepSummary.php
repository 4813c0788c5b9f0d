<?php

declare(strict_types=1);

namespace App\Critique;

use App\Models\Attempt;
use App\Models\SummaryVersion;
use Illuminate\Database\Eloquent\Builder;
use Illuminate\Database\Eloquent\Collection;
use Illuminate\Database\Eloquent\Relations\HasMany;

/**
 * Keeps the message of a critique, with the attempt locked. What somebody else wrote meanwhile is never written over:
 * whoever comes later is shown both. The last ten versions stay.
 */
final class KeepSummary
{
    /** So many versions of a message are kept. */
    public const KEPT = 10;

    /** Minutes within which what one person goes on typing on one page is one version. */
    private const TOGETHER = 5;

    /** @throws StaleSummary where somebody else has changed it since */
    public static function of(Attempt $attempt, CritiqueDraft $draft): void
    {
        if ($draft->summary === null || self::isSame($draft->summary, (string) $attempt->summary)) {
            return;
        }
        $last = self::versions($attempt)->where('is_late', false)->latest('id')->first();
        if ($last !== null && $draft->revision !== null && self::isStale($attempt, $draft)) {
            throw new StaleSummary($attempt, $last, $draft->summary, $last->user_id === $draft->by?->id);
        }
        $revision = $attempt->summary_revision + 1;
        $isGoingOn = $last !== null && $last->page !== '' && $last->page === $draft->page
            && $last->created_at->greaterThan(now()->subMinutes(self::TOGETHER));
        $isGoingOn
            ? $last->update(['text' => $draft->summary, 'revision' => $revision])
            : self::version($attempt, $draft, $draft->summary, $revision);
        $attempt->update(['summary' => $draft->summary ?: null, 'summary_revision' => $revision]);
    }

    /** The text of somebody who came when the critique was published is kept beside it. */
    public static function late(Attempt $attempt, CritiqueDraft $draft): void
    {
        if ($draft->summary !== null && ! self::isSame($draft->summary, (string) $attempt->summary)) {
            self::version($attempt, $draft, $draft->summary, $attempt->summary_revision, isLate: true);
        }
    }

    /** @return Collection<int, SummaryVersion> what is kept beside the message as it is, the latest first */
    public static function earlier(Attempt $attempt): Collection
    {
        return self::versions($attempt)->with('user')->latest('id')->get()
            ->reject(fn (SummaryVersion $one): bool => self::isSame($one->text, (string) $attempt->summary));
    }

    /** A form sends line ends of its own kind. */
    public static function isSame(string $one, string $other): bool
    {
        $plain = fn (string $text): string => trim(str_replace("\r\n", "\n", $text));

        return $plain($one) === $plain($other);
    }

    /** Whether somebody else's page has written since this one was drawn. */
    private static function isStale(Attempt $attempt, CritiqueDraft $draft): bool
    {
        return $draft->revision !== $attempt->summary_revision && self::versions($attempt)
            ->where('is_late', false)
            ->where('revision', '>', $draft->revision)
            ->where(fn (Builder $any): Builder => $any->where('page', '!=', $draft->page)->orWhere('page', ''))
            ->exists();
    }

    private static function version(
        Attempt $attempt,
        CritiqueDraft $draft,
        string $text,
        int $revision,
        bool $isLate = false,
    ): void {
        self::versions($attempt)->create([
            'user_id' => $draft->by?->id,
            'page' => $draft->page,
            'revision' => $revision,
            'text' => $text,
            'is_late' => $isLate,
        ]);
        $kept = self::versions($attempt)->latest('id')->limit(self::KEPT)->pluck('id');
        self::versions($attempt)->whereNotIn('id', $kept)->delete();
    }

    /** @return HasMany<SummaryVersion, Attempt> */
    private static function versions(Attempt $attempt): HasMany
    {
        return $attempt->summaryVersions();
    }
}
