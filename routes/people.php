<?php

declare(strict_types=1);

use App\People\PeopleController;
use App\People\SignInController;
use Illuminate\Support\Facades\Route;

// Who is at this bench, and what they are signed in on.
Route::get('people', [PeopleController::class, 'index']);
Route::post('people/invitations', [PeopleController::class, 'invite']);
Route::delete('people/invitations/{ticket}', [PeopleController::class, 'uninvite'])->whereNumber('ticket');
Route::put('people/{membership}', [PeopleController::class, 'update'])->whereNumber('membership');
Route::delete('people/{membership}', [PeopleController::class, 'remove'])->whereNumber('membership');
Route::post('people/{membership}/recovery', [PeopleController::class, 'recover'])->whereNumber('membership');
Route::post('pairings', [PeopleController::class, 'pair']);
Route::delete('sign-ins/{signIn}', [PeopleController::class, 'endDevice'])->whereNumber('signIn');
Route::put('password', [PeopleController::class, 'changePassword']);
Route::delete('account', [PeopleController::class, 'leave']);
Route::delete('sign-in', [SignInController::class, 'destroy']);
