import { useCallback } from 'react';
import { useNavigate } from 'react-router';
import { useCommand } from '../ui/commands';
import { appWords } from '../words/page/app';

/** Offers the way back to the yard by its key. */
export function useToYard() {
  const navigate = useNavigate();
  const go = useCallback(() => void navigate('/'), [navigate]);
  useCommand('y', appWords.toTheYard(), go);
}
