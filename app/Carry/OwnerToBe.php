<?php

declare(strict_types=1);

namespace App\Carry;

use App\Bench\User;
use App\Upgrade\DatabaseFile;
use App\Upgrade\Upgrade;
use RuntimeException;

/** Whose a bench will be that is brought in the terminal. */
final class OwnerToBe
{
    /**
     * @param  string  $named  as they sign in; empty: the first there is
     * @return User|null null: there is nothing here yet
     *
     * @throws RuntimeException when there is nobody of that name, or the database cannot be used
     */
    public static function here(string $named): ?User
    {
        if (DatabaseFile::ofApplication()->isEmpty()) {
            return null;
        }
        Upgrade::ofApplication()->run();
        $people = User::query()->orderBy('id');
        if ($named !== '') {
            $people->where('login', mb_strtolower($named));
        }
        $one = $people->first();
        if ($one === null && $named !== '') {
            throw new RuntimeException("Nobody here signs in as “{$named}”.");
        }

        return $one;
    }
}
