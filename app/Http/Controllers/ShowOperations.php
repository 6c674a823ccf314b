<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use Illuminate\Http\JsonResponse;
use JackRest\Core\Work\Fact;
use JackRest\Core\Work\FactsOf;
use JackRest\Core\Work\Operation;
use JackRest\Core\Work\Operations;

/** Every operation a work can be put together from, with the numbers that decide about it. */
final class ShowOperations
{
    public function __invoke(): JsonResponse
    {
        return new JsonResponse(['operations' => array_values(array_map(static fn (Operation $operation): array => [
            'id' => $operation->id,
            'name' => $operation->name,
            'says' => $operation->says,
            'facts' => array_map(static fn (Fact $fact): array => ['name' => $fact->value, 'asks' => $fact->asks()], FactsOf::operation($operation)),
        ], Operations::all()))]);
    }
}
