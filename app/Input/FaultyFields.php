<?php

declare(strict_types=1);

namespace App\Input;

use Illuminate\Http\Request;
use InvalidArgumentException;

/**
 * Finds the field that a form as a whole could not be read for: the one without which it can be. What reads the form
 * need not know the names of its fields.
 */
final class FaultyFields
{
    /**
     * @template T of Request
     *
     * @param  T  $request
     * @param  list<string>  $fields  that may be at fault
     * @param  callable(T): mixed  $read  throws InvalidArgumentException with the words for a person
     * @return array<string, string>
     *   what is wrong, by field; the form as a whole, "form", where no single field explains it
     */
    public static function of(Request $request, array $fields, callable $read): array
    {
        $problems = [];
        // Several fields may be wrong at once: each in its turn is set aside with those found before.
        $left = clone $request;
        while (($problem = self::problem($left, $read)) !== null && count($problems) <= count($fields)) {
            $at = null;
            foreach ($fields as $field) {
                if (! isset($problems[$field]) && $left->filled($field)) {
                    $without = clone $left;
                    $without->merge([$field => null]);
                    if (self::problem($without, $read) !== $problem) {
                        [$at, $left] = [$field, $without];
                        break;
                    }
                }
            }
            $problems[$at ?? 'form'] = $problem;
            if ($at === null) {
                break;
            }
        }

        return $problems;
    }

    /**
     * @template T of Request
     *
     * @param  T  $request
     * @param  callable(T): mixed  $read
     */
    private static function problem(Request $request, callable $read): ?string
    {
        try {
            $read($request);
        } catch (InvalidArgumentException $problem) {
            return $problem->getMessage();
        }

        return null;
    }
}
