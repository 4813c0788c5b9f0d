<?php

declare(strict_types=1);

namespace App\Calculators;

use InvalidArgumentException;
use LogicException;

/** The calculators, found by their place: a class in the folder of its topic. */
final class Calculators
{
    /** @var array<string, Calculator> by id, once they were asked for */
    private static array $all = [];

    /** @return array<string, Calculator> by id, in the order of the Bench */
    public static function all(): array
    {
        if (self::$all === []) {
            $rank = array_flip(array_map(fn (Topic $topic): string => $topic->name, Topic::cases()));
            $found = array_map(self::make(...), glob(__DIR__.'/*/*.php') ?: []);
            usort(
                $found,
                fn (Calculator $one, Calculator $other): int => [$rank[$one->topic()->name], $one->sheet()->title]
                    <=> [$rank[$other->topic()->name], $other->sheet()->title],
            );
            self::$all = array_combine(array_map(fn (Calculator $one): string => $one->id(), $found), $found);
        }

        return self::$all;
    }

    /** @return array<string, list<Calculator>> by topic, in the order of the Bench */
    public static function byTopic(): array
    {
        $topics = [];
        foreach (self::all() as $calculator) {
            $topics[$calculator->topic()->value][] = $calculator;
        }

        return $topics;
    }

    /** @return array<string, NumberCalculator> those that the command has, by id */
    public static function ofNumbers(): array
    {
        return array_filter(self::all(), fn (Calculator $one): bool => $one instanceof NumberCalculator);
    }

    public static function find(string $id): ?Calculator
    {
        return self::all()[$id] ?? null;
    }

    /** @throws InvalidArgumentException where the command has none of this name */
    public static function ofNumbersNamed(string $id): NumberCalculator
    {
        return self::ofNumbers()[$id] ?? throw new InvalidArgumentException(
            sprintf('There is no calculator "%s"; there are %s.', $id, implode(', ', array_keys(self::ofNumbers()))),
        );
    }

    private static function make(string $file): Calculator
    {
        $class = __NAMESPACE__.'\\'.basename(dirname($file)).'\\'.basename($file, '.php');
        $calculator = new $class();

        return $calculator instanceof Calculator
            ? $calculator
            : throw new LogicException(sprintf('%s is no calculator.', $class));
    }
}
