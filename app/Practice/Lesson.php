<?php

declare(strict_types=1);

namespace App\Practice;

use Illuminate\Support\Facades\File;

/** One idea on one page: a few paragraphs, a live picture of the practice camera with two or three controls, a task. */
final readonly class Lesson
{
    /**
     * @param  array<string, string>  $set  what the camera is set to, as ShotInput names it
     * @param  list<array{field: string, label: string, values: list<string>, words?: list<string>}>  $controls
     * @param  list<string>  $shows  of meter, tones, raw (with tones), pupil and depth
     * @param  list<string>  $text  paragraphs
     * @param  list<string>  $briefs  ids of briefs that go with it
     * @param  list<string>  $topics  of findings that it explains
     */
    private function __construct(
        public string $id,
        public string $title,
        public string $scene,
        public array $set,
        public array $controls,
        public array $shows,
        public array $text,
        public LessonTask $task,
        public array $briefs,
        public array $topics,
    ) {
    }

    /** @return list<self> in the order in which they are read */
    public static function all(): array
    {
        static $all = null;

        return $all ??= array_map(
            fn (array $data): self => new self(
                $data['id'],
                $data['title'],
                $data['scene'],
                $data['set'],
                $data['controls'],
                $data['shows'],
                $data['text'],
                new LessonTask($data['try'], $data['answer']['says'], $data['answer']['set']),
                $data['briefs'],
                $data['topics'],
            ),
            File::json(resource_path('lessons.json'), JSON_THROW_ON_ERROR),
        );
    }

    public static function find(string $id): ?self
    {
        foreach (self::all() as $lesson) {
            if ($lesson->id === $id) {
                return $lesson;
            }
        }

        return null;
    }

    /** @return list<self> that go with a brief */
    public static function forBrief(string $brief): array
    {
        return array_values(array_filter(self::all(), fn (self $one): bool => in_array($brief, $one->briefs, true)));
    }

    public static function forTopic(string $topic): ?self
    {
        foreach (self::all() as $lesson) {
            if (in_array($topic, $lesson->topics, true)) {
                return $lesson;
            }
        }

        return null;
    }

    /** The one that follows; null after the last. */
    public function next(): ?self
    {
        return self::all()[$this->number()] ?? null;
    }

    /** From 1 on. */
    public function number(): int
    {
        return 1 + (int) array_search($this, self::all(), true);
    }

    /** @param  array<string, string>  $set  what the camera is set to */
    public function isTried(array $set): bool
    {
        return array_diff_assoc($set, $this->input([])->texts) !== [];
    }

    /**
     * What the camera is set to where some controls were moved; what is no value of a control stays as it was.
     *
     * @param  array<mixed>  $moved  by field
     */
    public function input(array $moved): ShotInput
    {
        $set = $this->set;
        foreach ($this->controls as $control) {
            $value = $moved[$control['field']] ?? null;
            if (is_string($value) && in_array($value, $control['values'], true)) {
                $set[$control['field']] = $value;
            }
        }

        return new ShotInput($set);
    }
}
