<?php

declare(strict_types=1);

namespace App\Kits;

/** The bodies of a stored kit: one in use, under "body", and all that are owned, under "bodies". */
final class OwnBodies
{
    /**
     * @param  array<mixed>  $kit  as it is stored
     * @return list<array<string, mixed>> each once, by name
     */
    public static function all(array $kit): array
    {
        $bodies = array_column($kit['bodies'] ?? [], null, 'name');
        if (isset($kit['body']['name'])) {
            $bodies[$kit['body']['name']] = $kit['body'];
        }

        return array_values($bodies);
    }

    /**
     * With a body kept, and in use.
     *
     * @param  array<mixed>  $kit
     * @param  array<string, mixed>  $body
     * @return array<mixed>
     */
    public static function with(array $kit, array $body): array
    {
        $bodies = array_column(self::all($kit), null, 'name');
        $bodies[$body['name']] = $body;

        return [...$kit, 'body' => $body, 'bodies' => array_values($bodies)];
    }

    /**
     * With another of the owned bodies in use; as it was where there is none of that name.
     *
     * @param  array<mixed>  $kit
     * @return array<mixed>
     */
    public static function using(array $kit, ?string $name): array
    {
        foreach (self::all($kit) as $body) {
            if ($body['name'] === $name) {
                return [...$kit, 'bodies' => self::all($kit), 'body' => $body];
            }
        }

        return $kit;
    }

    /**
     * Without one body; the one in use stays.
     *
     * @param  array<mixed>  $kit
     * @return array<mixed>
     */
    public static function without(array $kit, string $name): array
    {
        return [
            ...$kit,
            'bodies' => array_values(
                array_filter(
                    self::all($kit),
                    fn (array $body): bool => $body['name'] !== $name || $name === ($kit['body']['name'] ?? null),
                ),
            ),
        ];
    }
}
