<?php

declare(strict_types=1);

namespace App\Demo;

use App\Models\Course;
use Illuminate\Support\Facades\Cache;

/** How far the demo has come: it is photographed while the application answers already. */
final readonly class DemoLoading
{
    private const KEY = 'demo.loading';

    private function __construct(public int $courseId, public int $done, public int $total)
    {
    }

    public static function begin(Course $course, int $total): void
    {
        self::keep(new self($course->id, 0, $total));
    }

    /** Null where nothing is being loaded. */
    public static function now(): ?self
    {
        $kept = Cache::store('database')->get(self::KEY);

        return is_array($kept) ? new self(...$kept) : null;
    }

    public static function into(Course $course): ?self
    {
        $now = self::now();

        return $now?->courseId === $course->id ? $now : null;
    }

    public function further(): void
    {
        self::keep(new self($this->courseId, $this->done + 1, $this->total));
    }

    public static function end(): void
    {
        Cache::store('database')->forget(self::KEY);
    }

    private static function keep(self $loading): void
    {
        Cache::store('database')->forever(self::KEY, [$loading->courseId, $loading->done, $loading->total]);
    }
}
