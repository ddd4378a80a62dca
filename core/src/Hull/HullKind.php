<?php

declare(strict_types=1);

namespace Dinghy\Hull;

enum HullKind: string
{
    case Fibreglass = 'fibreglass';
    case Aluminium = 'aluminium';
    case Pontoon = 'pontoon';
    case Inflatable = 'inflatable';
    case Box = 'box';
}
