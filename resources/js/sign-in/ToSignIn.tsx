import { Navigate, useLocation } from 'react-router-dom';

/** To the sign-in, and from there back to this address. */
export function ToSignIn() {
    const { pathname, search } = useLocation();
    return <Navigate to="/sign-in" replace state={`${pathname}${search}`} />;
}
