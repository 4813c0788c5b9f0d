<?php

declare(strict_types=1);

namespace TruePupil\Core\Panel;

use TruePupil\Core\Composition\Region;

/** One remark on a frame, as the panel compares it with others. */
final readonly class PanelNote
{
    /**
     * @param  int|string  $id  whatever the caller knows it by
     * @param  int|string  $authorId  whose it is: two people may have one name
     * @param  bool  $isPraise  it asks to keep something; otherwise it asks to change it
     * @param  ?string  $topic  what it is about; null where nothing was said
     * @param  ?Region  $region  where on the frame; null for the whole of it
     */
    public function __construct(
        public int|string $id,
        public int|string $authorId,
        public string $author,
        public bool $isPraise,
        public ?string $topic = null,
        public ?Region $region = null,
    ) {
    }
}
