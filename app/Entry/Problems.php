<?php

declare(strict_types=1);

namespace App\Entry;

use App\Http\Answer\ErrorsAnswer;
use App\Ledger\AlreadyRecorded;
use App\Ledger\CannotUndo;
use App\Ledger\Conflict;
use Illuminate\Database\Eloquent\ModelNotFoundException;
use Illuminate\Foundation\Configuration\Exceptions;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;
use Illuminate\Session\TokenMismatchException;
use Illuminate\Validation\ValidationException;
use JackRest\Core\Calculation\FieldError;
use JackRest\Core\Calculation\InvalidInput;
use JackRest\Core\Calculation\UnknownCalculation;
use Symfony\Component\ErrorHandler\Error\FatalError;
use Symfony\Component\HttpKernel\Exception\HttpExceptionInterface;
use Throwable;

/** Everything that can go wrong, as `{"errors": [{"field", "message"}]}` with a fitting status. */
final class Problems
{
    public static function declare(Exceptions $exceptions): void
    {
        $exceptions->dontReport([
            InvalidInput::class,
            UnknownCalculation::class,
            Conflict::class,
            CannotUndo::class,
            AlreadyRecorded::class,
        ]);
        $exceptions->render(
            static fn (Throwable $problem, Request $request): ?JsonResponse => $request->is('api/*')
                ? self::answer($problem)
                : null,
        );
    }

    private static function answer(Throwable $problem): JsonResponse
    {
        $trouble = DatabaseTrouble::of($problem);

        return match (true) {
            $problem instanceof InvalidInput => new JsonResponse(new ErrorsAnswer($problem->errors), 422),
            $problem instanceof ValidationException => new JsonResponse(new ErrorsAnswer(self::fields($problem)), 422),
            $problem instanceof UnknownCalculation => self::one('name', $problem->getMessage(), 404),
            $problem instanceof Conflict => self::one('version', $problem->getMessage(), 409),
            $problem instanceof AlreadyRecorded => self::one('once', $problem->getMessage(), 409),
            $problem instanceof CannotUndo => self::one('', $problem->getMessage(), 409),
            $problem instanceof TokenMismatchException => self::one(
                '',
                'This page has grown old. Reload it; what you typed is kept.',
                419,
            ),
            $problem instanceof HttpExceptionInterface => self::http($problem),
            $trouble !== null => self::one('', $trouble->says, $trouble->status),
            $problem instanceof FatalError && self::isBeyondBounds($problem) => self::one(
                '',
                'That is more than can be worked out at once: it was stopped, and nothing was written. Ask for less.',
                503,
            ),
            default => self::one(
                '',
                'Something went wrong here, and nothing was written. The log has the details.',
                500,
            ),
        };
    }

    /** At its bound of time or memory PHP ends a request; nothing else tells the two from other fatal errors. */
    private static function isBeyondBounds(FatalError $error): bool
    {
        return preg_match('/^(Maximum execution time|Allowed memory size)/', $error->getMessage()) === 1;
    }

    private static function http(HttpExceptionInterface&Throwable $problem): JsonResponse
    {
        $status = $problem->getStatusCode();
        $lost = $problem->getPrevious() instanceof ModelNotFoundException || $status === 404;

        $answer = self::one(
            '',
            $lost ? 'There is nothing kept under that address.' : self::said($problem, $status),
            $status,
        );
        // How long is to be waited.
        $answer->headers->add($problem->getHeaders());

        return $answer;
    }

    private static function said(Throwable $problem, int $status): string
    {
        return match ($status) {
            405 => 'That cannot be done at this address.',
            419 => 'This page has grown old. Reload it; what you typed is kept.',
            default => $problem->getMessage() !== '' ? $problem->getMessage() : 'That was refused.',
        };
    }

    private static function one(string $field, string $message, int $status): JsonResponse
    {
        return new JsonResponse(ErrorsAnswer::one($message, $field), $status);
    }

    /** @return list<FieldError> */
    private static function fields(ValidationException $problem): array
    {
        $errors = [];
        foreach ($problem->validator->errors()->messages() as $field => $messages) {
            foreach ($messages as $message) {
                $errors[] = new FieldError((string) $field, $message);
            }
        }

        return $errors;
    }
}
