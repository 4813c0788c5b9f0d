<?php

declare(strict_types=1);

namespace App\Kits;

use App\Models\User;
use TruePupil\Core\Json\Fields;
use TruePupil\Core\Kit\Kit;
use TruePupil\Core\Kit\KitFormat;

/** What a person owns, as the core knows it. */
final class KitInUse
{
    /**
     * @param  ?string  $model  a body that a record names: it is the one that counts, where it is owned
     * @return ?Kit null while nothing has been entered
     */
    public static function of(User $owner, ?string $model = null): ?Kit
    {
        $kit = $owner->kit;

        return $kit === null
            ? null
            : KitFormat::read(Fields::of($model === null ? $kit : OwnBodies::using($kit, $model)));
    }
}
