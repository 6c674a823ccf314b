<?php

declare(strict_types=1);

// make-shop.php BENCHES PEOPLE PASSWORD: so many benches with the demo on them, so many people at them, some at each.

use App\Bench\Bench;
use App\Bench\User;
use App\Carry\BenchFileIn;
use App\Carry\BenchFileOut;
use App\Carry\BringBeside;
use App\People\Membership;
use App\People\Password;
use App\People\Role;
use JackRest\Core\Measure\LengthUnit;

require __DIR__.'/boot.php';

[, $benches, $people, $password] = $argv;
$hash = Password::hash($password);
$person = static fn (int $number, Bench $bench): User => User::query()->create([
    'name' => "person $number", 'login' => "person $number", 'password' => $hash, 'bench_id' => $bench->id,
    'unit' => LengthUnit::Millimetre, 'ground' => 'system',
]);
$demo = Bench::query()->firstOrFail();
$file = (string) tempnam(sys_get_temp_dir(), 'shop');
(new BenchFileOut($demo))->write($file);
$first = $person(1, $demo);
$places = array_map(
    static fn (): Bench => (new BringBeside(new BenchFileIn($file)))->bring($first),
    range(1, (int) $benches),
);
unlink($file);
for ($number = 1; $number <= (int) $people; $number++) {
    $bench = $places[$number % count($places)];
    $user = $number === 1 ? $first : $person($number, $bench);
    $user->standAt($bench);
    // The first owns them all.
    if ($number > 1) {
        Membership::give($user, $bench, Role::Member);
    }
}
