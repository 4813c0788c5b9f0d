<?php

declare(strict_types=1);

namespace App\Watch;

use App\Jobs\DevelopRollFrame;
use App\Jobs\JudgeFrame;
use App\Jobs\ReadFrame;
use App\Models\Frame;
use App\Models\FrameState;
use App\Models\RollFrame;
use App\Models\RollState;
use Illuminate\Support\Carbon;
use Illuminate\Support\Collection;
use Illuminate\Support\Facades\Artisan;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Str;

/** Jobs that were tried as often as they may be, for whoever runs the service: what and when, and nobody's name. */
final class FailedJobs
{
    private const MOST = 100;

    private const NAMES = [
        ReadFrame::class => 'Reading a frame',
        JudgeFrame::class => 'Judging a frame',
        DevelopRollFrame::class => 'Making a frame of the practice camera',
    ];

    /** @return Collection<int, array{id: string, name: string, at: Carbon, because: string}> the latest first */
    public static function latest(): Collection
    {
        return DB::table('failed_jobs')
            ->orderByDesc('id')
            ->limit(self::MOST)
            ->get(['uuid', 'payload', 'exception', 'failed_at'])
            ->map(fn (object $row): array => [
                'id' => (string) $row->uuid,
                'name' => self::name((string) $row->payload),
                'at' => Carbon::parse((string) $row->failed_at),
                'because' => Str::limit(LogLine::black(Str::before((string) $row->exception, "\n")), 300),
            ]);
    }

    /** @return bool whether there was such a job */
    public static function retry(string $id): bool
    {
        $payload = DB::table('failed_jobs')->where('uuid', $id)->value('payload');
        if ($payload === null) {
            return false;
        }
        self::wait(json_decode((string) $payload, true)['data'] ?? []);
        Artisan::call('queue:retry', ['id' => [$id]]);

        return true;
    }

    public static function forget(string $id): bool
    {
        return DB::table('failed_jobs')->where('uuid', $id)->delete() > 0;
    }

    /**
     * What was given up waits again, so that its job finds it as it was.
     *
     * @param  array{commandName?: string, command?: string}  $data
     */
    private static function wait(array $data): void
    {
        if (! isset(self::NAMES[$data['commandName'] ?? ''])) {
            return;
        }
        $job = unserialize($data['command'] ?? '', ['allowed_classes' => array_keys(self::NAMES)]);
        match (true) {
            $job instanceof ReadFrame => Frame::query()
                ->whereKey($job->frameId)
                ->where('state', FrameState::Refused)
                ->update(['state' => FrameState::Reading, 'problem' => null]),
            $job instanceof JudgeFrame => Frame::query()
                ->whereKey($job->frameId)
                ->where('revision', $job->revision)
                ->where('state', FrameState::Ready)
                ->update(['state' => FrameState::Judging, 'problem' => null]),
            $job instanceof DevelopRollFrame => RollFrame::query()
                ->whereKey($job->rollFrameId)
                ->where('state', RollState::Failed)
                ->update(['state' => RollState::Developing, 'problem' => null]),
            default => null,
        };
    }

    private static function name(string $payload): string
    {
        $name = (string) (json_decode($payload, true)['displayName'] ?? '');

        return self::NAMES[$name] ?? 'Sending or else: '.class_basename($name);
    }
}
