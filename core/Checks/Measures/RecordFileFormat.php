<?php

declare(strict_types=1);

namespace TruePupil\Core\Checks\Measures;

use TruePupil\Core\Brief\Comparison;
use TruePupil\Core\Brief\UsualDemand;
use TruePupil\Core\Checks\Measure;
use TruePupil\Core\Situation\Situation;

final readonly class RecordFileFormat extends Measure
{
    public const ID = 'record.fileFormat';

    public function __construct()
    {
        parent::__construct(
            id: self::ID,
            label: 'file format',
            meaning: 'what kind of file was handed in',
            usual: new UsualDemand(Comparison::OneOf, ['raw']),
            words: [
                'JPEG' => 'JPEG',
                'HEIC' => 'HEIC',
                'TIFF' => 'TIFF',
                'PNG' => 'PNG',
                'WEBP' => 'WebP',
                'raw' => 'camera raw',
            ],
        );
    }

    public function read(Situation $situation): ?string
    {
        $format = $situation->file->format;

        return $format === null || isset($this->words[$format]) ? $format : 'raw';
    }
}
