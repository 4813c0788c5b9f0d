<?php

declare(strict_types=1);

namespace App\Console\Commands;

use App\Imaging\FileAnalysis;
use Symfony\Component\Console\Attribute\AsCommand;

#[AsCommand('pupil:measure')]
final class MeasurePicture extends JsonCommand
{
    protected $signature = 'pupil:measure {file : a picture} {--subject= : x,y,w,h as fractions of the displayed frame}
        {--marks= : a JSON file with a list of further marks}';

    protected $description = 'The measures of a picture, as JSON';

    protected function answer(): array
    {
        return app(FileAnalysis::class)->measure($this->file('file'), $this->marks())->toArray();
    }
}
