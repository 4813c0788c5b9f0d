<?php

declare(strict_types=1);

namespace App\Workers;

use Illuminate\Support\Facades\DB;

/** Which nodes have workers, as told by the nodes themselves every few seconds. */
final class NodePresence
{
    /** Seconds after which a node that says nothing counts as gone. */
    public const SILENCE_SECONDS = 20;

    public function tell(int $workers, int $busy): void
    {
        DB::table('nodes')->upsert(
            [
                'name' => self::name(),
                'workers' => $workers,
                'busy' => $busy,
                'version' => (string) config('app.version'),
                // The database's own clock judges all others.
                'clock' => microtime(true),
                'seen_at' => DB::raw('utc_timestamp(3)'),
            ],
            ['name'],
        );
    }

    public function leave(): void
    {
        DB::table('nodes')->where('name', self::name())->delete();
    }

    /**
     * Those that are there.
     *
     * @return array<array{name: string, workers: int, busy: int, version: string, skew: float}> skew of a clock against
     *     the database's, in seconds
     */
    public static function present(): array
    {
        // A replica may be behind by as much as a node may be silent.
        return DB::connection('primary')
            ->table('nodes')
            ->whereRaw('seen_at > utc_timestamp(3) - interval ? second', [self::SILENCE_SECONDS])
            ->orderBy('name')
            ->get([
                'name',
                'workers',
                'busy',
                'version',
                DB::raw("clock - timestampdiff(microsecond, '1970-01-01', seen_at) / 1e6 as skew"),
            ])
            ->map(fn (object $row): array => [
                'name' => (string) $row->name,
                'workers' => (int) $row->workers,
                'busy' => (int) $row->busy,
                'version' => (string) $row->version,
                'skew' => (float) $row->skew,
            ])
            ->values()
            ->all();
    }

    public static function name(): string
    {
        return (string) (config('pupil.node') ?: gethostname());
    }
}
