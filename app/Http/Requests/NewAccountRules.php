<?php

declare(strict_types=1);

namespace App\Http\Requests;

use App\Accounts\Address;
use App\Accounts\GoodPassword;
use Illuminate\Http\Request;

/** What somebody new types. Whether an address is known here already, nobody learns from it. */
final class NewAccountRules
{
    /** @return array<string, mixed> */
    public static function of(Request $request): array
    {
        return [
            'name' => ['required', 'string', 'max:120'],
            'email' => ['required', 'string', 'email', 'max:190'],
            'password' => [
                'required',
                'string',
                'max:200',
                new GoodPassword([$request->string('name')->toString(), $request->string('email')->toString()]),
            ],
        ];
    }

    public static function prepare(Request $request): void
    {
        if ($request->has('email')) {
            $request->merge(['email' => Address::of($request->input('email'))]);
        }
    }
}
