<?php

declare(strict_types=1);

namespace App\People\Answer;

use App\Http\Answer;
use JackRest\Core\Calculation\Field;

/** Who is at this bench, and on what one is signed in. */
final readonly class PeopleAnswer extends Answer
{
    /**
     * @param  list<MemberAnswer>  $members
     * @param  list<InvitationAnswer>  $invitations
     * @param  list<DeviceAnswer>  $devices
     */
    public function __construct(
        #[Field('whether who asks decides who is here')] public bool $isOwner,
        #[Field('everybody at this bench', of: MemberAnswer::class)] public array $members,
        #[Field('those that nobody has taken yet', of: InvitationAnswer::class)] public array $invitations,
        #[Field('where who asks is signed in', of: DeviceAnswer::class)] public array $devices,
    ) {
    }
}
