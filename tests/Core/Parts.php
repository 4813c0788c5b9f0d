<?php

declare(strict_types=1);

namespace Tests\Core;

use ReflectionClass;
use ReflectionNamedType;

/** Values of core whose parts are named without their groups, so that a test reads in one line. */
final class Parts
{
    /**
     * @template T of object
     *
     * @param  class-string<T>  $class
     * @param  array<string, mixed>  $values  by name, of the value itself or of one of its groups
     * @return T
     */
    public static function of(string $class, array $values): object
    {
        $arguments = [];
        foreach (self::parameters($class) as $name => $group) {
            $within = $group === null ? [] : array_intersect_key($values, self::parameters($group));
            if ($within !== []) {
                $arguments[$name] = new $group(...$within);
            } elseif (array_key_exists($name, $values)) {
                $arguments[$name] = $values[$name];
            }
        }

        return new $class(...$arguments);
    }

    /**
     * @template T of object
     *
     * @param  T  $value
     * @return T
     */
    public static function changed(object $value, mixed ...$changes): object
    {
        $arguments = get_object_vars($value);
        foreach (self::parameters($value::class) as $name => $group) {
            if (array_key_exists($name, $changes)) {
                $arguments[$name] = $changes[$name];
            } elseif ($group !== null) {
                $within = array_intersect_key($changes, self::parameters($group));
                $arguments[$name] = new $group(...[...get_object_vars($arguments[$name]), ...$within]);
            }
        }

        return new $value(...$arguments);
    }

    /** @return array<string, ?class-string> by name; the class where a parameter is a group of the same room */
    private static function parameters(string $class): array
    {
        $parameters = [];
        $of = new ReflectionClass($class);
        foreach ($of->getConstructor()?->getParameters() ?? [] as $parameter) {
            $type = $parameter->getType();
            $name = $type instanceof ReflectionNamedType && ! $type->isBuiltin() ? $type->getName() : null;
            $isGroup =
                $name !== null &&
                ! $type->allowsNull() &&
                ! enum_exists($name) &&
                (new ReflectionClass($name))->getNamespaceName() === $of->getNamespaceName();
            $parameters[$parameter->getName()] = $isGroup ? $name : null;
        }

        return $parameters;
    }
}
