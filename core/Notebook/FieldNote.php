<?php

declare(strict_types=1);

namespace TruePupil\Core\Notebook;

/** One thing noted on the way: a tick, a setting, a word. Notes are added and never changed. */
final readonly class FieldNote
{
    /**
     * @param  string  $id  given where it was written, so that sending it twice does no harm
     * @param  string  $entry  what it is noted for: a shot of a sheet, a frame of a roll
     * @param  string  $field  which of its fields
     * @param  string  $value  as typed; empty takes back what stood there
     * @param  int  $at  when it was written, in milliseconds since 1970
     */
    public function __construct(
        public string $id,
        public string $entry,
        public string $field,
        public string $value,
        public int $at,
    ) {
    }
}
