<?php

declare(strict_types=1);

namespace Tests\Support;

use PHPUnit\Event\Test\Finished;
use PHPUnit\Event\Test\FinishedSubscriber;
use PHPUnit\Event\Test\PreparationStarted;
use PHPUnit\Event\Test\PreparationStartedSubscriber;
use PHPUnit\Runner\Extension\Extension;
use PHPUnit\Runner\Extension\Facade;
use PHPUnit\Runner\Extension\ParameterCollection;
use PHPUnit\TextUI\Configuration\Configuration;

/**
 * Writes down how long each test took with its setting up, for bin/test to print: seconds and name, a line each, in the
 * file that PUPIL_TIMES names. Several processes add to it.
 */
final class TestTimes implements Extension
{
    public function bootstrap(Configuration $configuration, Facade $facade, ParameterCollection $parameters): void
    {
        $file = getenv('PUPIL_TIMES');
        if (! is_string($file) || $file === '') {
            return;
        }
        $begun = (object) ['at' => 0.0];
        $facade->registerSubscribers(
            new class($begun) implements PreparationStartedSubscriber
            {
                public function __construct(private readonly object $begun)
                {
                }

                public function notify(PreparationStarted $event): void
                {
                    $this->begun->at = microtime(true);
                }
            },
            new class($begun, $file) implements FinishedSubscriber
            {
                public function __construct(private readonly object $begun, private readonly string $file)
                {
                }

                public function notify(Finished $event): void
                {
                    $line = sprintf("%.3f %s\n", microtime(true) - $this->begun->at, $event->test()->id());
                    file_put_contents($this->file, $line, FILE_APPEND | LOCK_EX);
                }
            },
        );
    }
}
