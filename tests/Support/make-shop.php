<?php

declare(strict_types=1);

// make-shop.php BENCHES PEOPLE PASSWORD: so many benches with the demo on them, so many people at them, three at each.

use App\Bench\Bench;
use App\Bench\User;
use App\People\Membership;
use App\People\Password;
use App\People\Role;
use JackRest\Core\Measure\LengthUnit;

require __DIR__.'/boot.php';

[, $benches, $people, $password] = $argv;
$hash = Password::hash($password);
$places = [];
for ($number = 1; $number <= (int) $benches; $number++) {
    $places[] = Bench::query()->create(['name' => "bench $number"]);
}
for ($number = 1; $number <= (int) $people; $number++) {
    $bench = $places[$number % count($places)];
    $user = User::query()->create([
        'name' => "person $number", 'login' => "person $number", 'password' => $hash, 'bench_id' => $bench->id,
        'unit' => LengthUnit::Millimetre, 'ground' => 'system',
    ]);
    Membership::give($user, $bench, Role::Member);
}
