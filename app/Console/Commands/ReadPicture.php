<?php

declare(strict_types=1);

namespace App\Console\Commands;

use App\View\RecordArray;
use Symfony\Component\Console\Attribute\AsCommand;
use TruePupil\Core\Capture\RecordReader;

#[AsCommand('pupil:read')]
final class ReadPicture extends JsonCommand
{
    protected $signature = 'pupil:read {file : a picture}';

    protected $description = 'The capture record of a picture, as JSON';

    protected function answer(): array
    {
        return RecordArray::of(app(RecordReader::class)->read($this->file('file')));
    }
}
