<?php

declare(strict_types=1);

namespace App\Models;

use Illuminate\Database\Eloquent\Model;
use TruePupil\Core\Bank\Bank;
use TruePupil\Core\Bank\BankFormat;
use TruePupil\Core\Json\Fields;

/**
 * A person's own starting point for a kind of subject.
 *
 * @property int $id
 * @property int $user_id
 * @property array<string, mixed> $bank
 */
final class SettingsBank extends Model
{
    protected $table = 'settings_banks';

    protected $fillable = ['user_id', 'bank'];

    public function content(): Bank
    {
        return BankFormat::read(Fields::of($this->bank));
    }

    protected function casts(): array
    {
        return ['bank' => 'array'];
    }
}
