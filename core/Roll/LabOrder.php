<?php

declare(strict_types=1);

namespace TruePupil\Core\Roll;

/** What a laboratory is asked to do with a roll. */
final readonly class LabOrder
{
    public const PROCESSES = [
        'negative' => 'colour negative',
        'slide' => 'slide',
        'black-and-white' => 'black and white',
        'crossed' => 'crossed: slide film as a negative',
    ];

    public const LOOKS = [
        'flat' => 'flat: nothing lost at either end, to be worked on',
        'print' => 'as a print: contrast and colour as you see fit',
        'as-it-is' => 'as the film has it: the same setting for every frame',
    ];

    public const FILES = ['jpeg' => 'JPEG', 'tiff' => 'TIFF'];

    /**
     * @param  ?string  $process  a key of PROCESSES; null: as the film's kind
     * @param  ?int  $longSide  pixels of a scan; null: no scans
     * @param  ?string  $look  a key of LOOKS
     * @param  string  $files  a key of FILES
     */
    public function __construct(
        public ?string $process = null,
        public ?int $longSide = null,
        public ?string $look = null,
        public string $files = 'jpeg',
        public string $word = '',
    ) {
    }
}
